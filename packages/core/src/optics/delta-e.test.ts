import * as culori from 'culori';
import fc from 'fast-check';
import { deltaE2000 } from './delta-e';
import { hexToLab } from './lab';
import { SHARMA_PAIRS as PAIRS } from './sharma.test-data';
import type { Rgb } from './srgb';

test('all 34 published pairs to four decimals, both ways round', () => {
  expect(PAIRS).toHaveLength(34);
  for (const row of PAIRS) {
    const [a, b] = [row.slice(0, 3), row.slice(3, 6)] as unknown as [Rgb, Rgb];
    expect(deltaE2000(a, b)).toBeCloseTo(row[6]!, 4);
    expect(deltaE2000(b, a)).toBeCloseTo(row[6]!, 4);
  }
});

const hex = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);

test('agrees with an independent library over colours at random', () => {
  const reference = culori.differenceCiede2000();
  fc.assert(
    fc.property(hex, hex, (a, b) => {
      const lab = (h: string) => {
        const [l, x, y] = hexToLab(h);
        return { mode: 'lab65' as const, l, a: x, b: y };
      };
      expect(deltaE2000(hexToLab(a), hexToLab(b))).toBeCloseTo(reference(lab(a), lab(b)), 6);
    }),
  );
});

test('red and blue under D65', () =>
  expect(deltaE2000(hexToLab('#ff0000'), hexToLab('#0000ff'))).toBeCloseTo(52.88, 1));
