import fc from 'fast-check';
import { deltaE2000 } from './delta-e';
import { hexToLab } from './lab';
import { BANDS, WX, WY, WZ } from './observer';
import { hexToSpectrum, spectrumToHex } from './spectrum';

const hex = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);
const sum = (w: Float64Array) => w.reduce((a, b) => a + b, 0);

test('a perfect reflector is the white of D65 (CIE 15)', () => {
  expect([sum(WX), sum(WY), sum(WZ)].map((v) => Number(v.toFixed(9)))).toEqual([
    0.95047, 1, 1.08883,
  ]);
  expect(spectrumToHex(new Float64Array(BANDS).fill(1))).toBe('#ffffff');
});

test('every colour has a reflectance between 0 and 1 that shows it, save near black and beyond white', () => {
  fc.assert(
    fc.property(hex, (h) => {
      const r = hexToSpectrum(h);
      for (const v of r) expect(v > 0 && v < 1).toBe(true);
      // Channels below 10 or above 250 are moved to what paint can do: at most 5 by CIEDE2000.
      expect(deltaE2000(hexToLab(spectrumToHex(r)), hexToLab(h))).toBeLessThan(5);
      const inside = [1, 3, 5].every((at) => {
        const byte = Number.parseInt(h.slice(at, at + 2), 16);
        return byte >= 11 && byte <= 249;
      });
      if (inside) expect(deltaE2000(hexToLab(spectrumToHex(r)), hexToLab(h))).toBeLessThan(0.6);
    }),
    { numRuns: 300 },
  );
});

test('it is smooth: no band differs from the next by more than a quarter', () => {
  for (const h of ['#d8a526', '#4a2146', '#0f2a6b', '#2f8f94']) {
    const r = hexToSpectrum(h);
    for (let i = 1; i < BANDS; i++) expect(Math.abs(r[i]! - r[i - 1]!)).toBeLessThan(0.25);
  }
});
