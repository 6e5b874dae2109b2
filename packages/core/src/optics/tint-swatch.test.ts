import fc from 'fast-check';
import { between } from '../between.test-data';
import type { Paint } from '../paint/schema';
import { blend } from './blend';
import { deltaE2000 } from './delta-e';
import { reflectanceOf } from './film';
import { hexToLab } from './lab';
import { paintOptics, qOf } from './reserve';
import { spectrumToHex } from './spectrum';
import { pullOfSwatch, SWATCH_WHITE } from './tint-swatch';

const paint = (hex: string, tint10Hex?: string): Paint => ({
  id: 'p',
  name: 'p',
  hex,
  opacity: 'transparent',
  body: 'soft',
  finish: 'satin',
  ...(tint10Hex === undefined ? {} : { tint10Hex }),
});
const WHITE = paintOptics({ ...paint('#f7f6f2'), opacity: 'opaque', pigments: ['PW6'] });
const inWhite = (of: Paint, parts: number) =>
  spectrumToHex(
    blend(
      [
        { optics: WHITE, volume: parts },
        { optics: paintOptics(of), volume: 1 },
      ],
      0,
    ).q.map(reflectanceOf),
  );

test('a swatch painted with a pull gives that pull back, as far as eight bits go', () => {
  fc.assert(
    fc.property(
      fc.constantFrom('#0f2a6e', '#8e1552', '#42291f', '#c1852c', '#063d37'),
      between(0.05, 2),
      (hex, sigma) => {
        const q = qOf(hex);
        const swatch = spectrumToHex(
          blend(
            [
              { optics: WHITE, volume: SWATCH_WHITE },
              { optics: { q, s: 0.01, sigma, reserve: 1 }, volume: 1 },
            ],
            0,
          ).q.map(reflectanceOf),
        );
        expect(pullOfSwatch(q, swatch) / sigma).toBeCloseTo(1, 1);
      },
    ),
    { numRuns: 40 },
  );
});

test('a paint with a swatch is blended by it, whatever its pigment', () => {
  const strong = paint('#0f2a6e', '#5c8fd0');
  const weak = paint('#0f2a6e', '#b9cfee');
  expect(deltaE2000(hexToLab(inWhite(strong, 10)), hexToLab('#5c8fd0'))).toBeLessThan(6);
  expect(hexToLab(inWhite(weak, 1))[0]).toBeGreaterThan(hexToLab(inWhite(strong, 1))[0] + 5);
  expect(paintOptics({ ...strong, pigments: ['PB15:3'] }).sigma).toBe(paintOptics(strong).sigma);
  // Its own colour and how it covers stay.
  expect(paintOptics(strong).s).toBe(paintOptics(paint('#0f2a6e')).s);
});
