import { PIGMENTS } from '../paint/pigment';
import type { OpacityClass, Paint } from '../paint/schema';
import { blend } from './blend';
import { deltaE2000 } from './delta-e';
import { filmSpectrum, TEST_WHITE, type Tint } from './film';
import { hexToLab } from './lab';
import { hexToOklch, hueTurn } from './oklch';
import { neighbours } from './neighbour';
import { contrastRatio, paintOptics, ratioSeen, REFERENCE_UM } from './reserve';
import { barSeen, classSeen } from './seen';
import { hexToSpectrum, spectrumToHex } from './spectrum';

// What the trade says, handbook 3 and 5: common practice, no published source. Pigment figures are estimates from memory.
const paintOf = (p: (typeof PIGMENTS)[number]): Paint => ({
  id: p.ci,
  name: p.name,
  hex: p.hex,
  // The reserve of the table, by the film at which it hides.
  opacity: { contrastRatio: 0.95, wetMicrons: REFERENCE_UM / p.hidingReserve },
  body: 'soft',
  finish: 'satin',
});
const named = (name: string) => paintOf(PIGMENTS.find((p) => p.name.startsWith(name))!);
const eye = (tint: Tint) => classSeen(barSeen(tint, REFERENCE_UM));
const at12 = (p: Paint) => eye(blend([{ optics: paintOptics(p), volume: 1 }], 2));

test.each<[string, OpacityClass]>([
  ['titanium white', 'semi-opaque'],
  ['yellow ochre', 'semi-opaque'],
  ['naphthol red', 'semi-transparent'],
  // Strong paints shift less.
  ['carbon black', 'opaque'],
  ['red iron oxide', 'opaque'],
])('%s let down 2 : 1 with medium is %s', (name, of) => expect(at12(named(name))).toBe(of));

test.each(['neon pink', 'neon yellow'])('%s is mostly transparent', (name) =>
  expect(eye(paintOptics(named(name)))).toMatch(/transparent/),
);

test('neon dulls over a dark ground', () => {
  const neon = paintOptics(named('neon pink'));
  const over = (hex: string) =>
    hexToOklch(spectrumToHex(filmSpectrum(neon, REFERENCE_UM, hexToSpectrum(hex))));
  const [dark, pale] = [over('#1a1a1c'), over('#f7f6f2')];
  expect(dark.c).toBeLessThan(pale.c * 0.6);
  expect(dark.l).toBeLessThan(pale.l * 0.75);
});

test('white runs from transparent to opaque by its pigment, never by its name', () => {
  const [zinc, titanium] = [paintOptics(named('zinc white')), paintOptics(named('titanium white'))];
  expect(eye(zinc)).toBe('semi-transparent');
  expect(eye(titanium)).toBe('opaque');
});

test('opposites on the wheel dull or make mud, save blue with yellow and pairs known to miss', () => {
  const chromatic = PIGMENTS.filter((p) => hexToOklch(p.hex).c >= 0.08);
  const far = chromatic.flatMap((a, i) =>
    chromatic
      .slice(0, i)
      .filter((b) => hueTurn(hexToOklch(a.hex).h, hexToOklch(b.hex).h) >= 150)
      .map((b) => neighbours(a.hex, b.hex)),
  );
  const muddy = far.filter((n) => n.mud >= 0.25).length;
  expect(far.length).toBeGreaterThan(30);
  // science-colour 3: 61 of 85 pairs of the table; what stays clean is blue with yellow, and opaque teal with magenta.
  expect(muddy / far.length).toBeGreaterThan(0.6);
});

// ISO 6504-3: the ratio of Y over black to Y over a white of 0.80. A picture of such a card gives it back, as far as eight bits go.
test('a picture of a card gives the contrast ratio that was painted', () => {
  for (const name of ['titanium white', 'yellow ochre', 'pyrrole red', 'cerulean blue']) {
    const optics = paintOptics(named(name));
    const thin = REFERENCE_UM / 3;
    const seen = ratioSeen(
      spectrumToHex(filmSpectrum(optics, thin, 0)),
      spectrumToHex(filmSpectrum(optics, thin, TEST_WHITE)),
    );
    expect(seen).toBeCloseTo(contrastRatio(optics, thin), 1);
  }
  expect(ratioSeen('#000000', '#ffffff')).toBe(0.005);
  expect(ratioSeen('#ffffff', '#ffffff')).toBe(0.9999);
});

test('a strong dark tints white far before white pales it', () => {
  const mixed = (blackParts: number) =>
    hexToLab(
      spectrumToHex(
        filmSpectrum(
          blend(
            [
              { optics: paintOptics(named('titanium white')), volume: 1 },
              { optics: paintOptics(named('carbon black')), volume: blackParts },
            ],
            0,
          ),
          1e5,
          0,
        ),
      ),
    );
  const white = hexToLab(named('titanium white').hex);
  expect(deltaE2000(mixed(0.05), white)).toBeGreaterThan(20);
  expect(mixed(1)[0]).toBeLessThan(30);
});
