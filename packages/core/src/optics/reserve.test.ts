import fc from 'fast-check';
import type { OpacityClass, Paint } from '../paint/schema';
import { blend } from './blend';
import { filmSpectrum, kOverS, reflectanceOf } from './film';
import { deltaE2000 } from './delta-e';
import { hexToLab } from './lab';
import { BANDS } from './observer';
import { classOf, contrastRatio, paintOptics, REFERENCE_UM, reserveOf } from './reserve';
import { spectrumToHex } from './spectrum';

const paint = (hex: string, opacity: Paint['opacity'], pigments?: string[]): Paint => ({
  id: 'p',
  name: 'p',
  hex,
  opacity,
  body: 'soft',
  finish: 'satin',
  ...(pigments ? { pigments } : {}),
});
const thinned = (p: Paint, clear: number) => blend([{ optics: paintOptics(p), volume: 1 }], clear);
const hex = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);
const CLASSES: OpacityClass[] = ['transparent', 'semi-transparent', 'semi-opaque', 'opaque'];

test('a film of 200 µm ÷ reserve just hides: contrast ratio 0.95 (ISO 6504-3)', () => {
  for (const h of ['#f7f6f2', '#d8a526', '#1a1a1c', '#0f2a6b']) {
    const optics = paintOptics(paint(h, 'semi-opaque'));
    expect(contrastRatio(optics, REFERENCE_UM / optics.reserve)).toBeCloseTo(0.95, 6);
  }
});

test('a measured ratio on a stated film comes out as measured', () => {
  fc.assert(
    fc.property(hex, fc.double({ min: 0.3, max: 0.97, noNaN: true }), (h, ratio) => {
      const optics = paintOptics(paint(h, { contrastRatio: ratio, wetMicrons: 150 }));
      // Reserve is held to 0.02..20; within, the ratio is the artist's own.
      if (optics.reserve > 0.021 && optics.reserve < 19)
        expect(contrastRatio(optics, 150)).toBeCloseTo(ratio, 6);
    }),
    { numRuns: 60 },
  );
});

test('the class given is the class found, for any colour', () => {
  fc.assert(
    fc.property(hex, fc.constantFrom(...CLASSES), (h, c) =>
      expect(classOf(reserveOf(paintOptics(paint(h, c))))).toBe(c),
    ),
    { numRuns: 60 },
  );
});

// Handbook 3, common practice, no published source.
test('2 parts of clear medium take an opaque paint to semi-opaque and a semi-opaque one to semi-transparent', () => {
  fc.assert(
    fc.property(hex, (h) => {
      expect(classOf(reserveOf(thinned(paint(h, 'opaque'), 2)))).toBe('semi-opaque');
      expect(classOf(reserveOf(thinned(paint(h, 'semi-opaque'), 2)))).toBe('semi-transparent');
    }),
    { numRuns: 60 },
  );
});

test('a strong paint stays opaque at 1 : 2', () => {
  const black = paint('#1a1a1c', { contrastRatio: 0.95, wetMicrons: 20 });
  expect(classOf(reserveOf(thinned(black, 2)))).toBe('opaque');
});

test('an opaque orange hides a purple, a transparent one makes a third colour with it', () => {
  const over = (opacity: OpacityClass) => {
    const purple = filmSpectrum(paintOptics(paint('#5a2a6e', 'opaque')), 2000, 0.9);
    return hexToLab(
      spectrumToHex(filmSpectrum(paintOptics(paint('#ec7a13', opacity)), REFERENCE_UM, purple)),
    );
  };
  expect(deltaE2000(over('opaque'), hexToLab('#ec7a13'))).toBeLessThan(5);
  expect(deltaE2000(over('transparent'), hexToLab('#ec7a13'))).toBeGreaterThan(15);
  expect(deltaE2000(over('transparent'), hexToLab('#5a2a6e'))).toBeGreaterThan(15);
});

test('white takes over: ten of it and one of blue is a pale, opaque blue', () => {
  const mixed = blend(
    [
      { optics: paintOptics(paint('#f7f6f2', 'opaque', ['PW6'])), volume: 10 },
      { optics: paintOptics(paint('#0f2a6b', 'transparent', ['PB15:3'])), volume: 1 },
    ],
    0,
  );
  expect(hexToLab(spectrumToHex(mixed.q.map(reflectanceOf)))[0]).toBeGreaterThan(50);
  expect(classOf(reserveOf(mixed))).toBe('opaque');
});

// Two-constant mixing, worked by hand: 3 parts R 0.9 (σ 1) and 1 part R 0.1 (σ 0.55).
test('K/S of a blend', () => {
  const flat = (r: number, sigma: number) => ({
    q: new Float64Array(BANDS).fill(kOverS(r)),
    s: 0.01,
    sigma,
    reserve: 1,
  });
  const { q } = blend(
    [
      { optics: flat(0.9, 1), volume: 3 },
      { optics: flat(0.1, 0.55), volume: 1 },
    ],
    0,
  );
  expect(q[0]).toBeCloseTo(0.6321596244, 9);
  expect(reflectanceOf(q[0]!)).toBeCloseTo(0.342219688, 9);
});
