import {
  begin,
  BINS,
  emptyColumns,
  filmsOf,
  goOn,
  type MakeDye,
  plainDye,
} from '@potter/core/flow';
import fc from 'fast-check';
import { between } from '../../core/src/between.test-data';
import { loadEngine } from './index';

let makeDye: MakeDye;
beforeAll(async () => {
  ({ makeDye } = await loadEngine());
});

const unit = between(0, 1);
const ink = fc.record({
  q: fc.array(between(1e-4, 60), { minLength: 36, maxLength: 36 }),
  s: between(1e-4, 0.3),
  shimmer: unit,
});
const PIXELS = 300;

test('pixels come out as the twin colours them, to a step of their eight bits; what shimmers too', () => {
  fc.assert(
    fc.property(
      fc.record({ a: ink, b: ink, c: ink }),
      fc.array(unit, { minLength: 36, maxLength: 36 }),
      fc.array(fc.tuple(fc.nat(4), unit), { minLength: 97, maxLength: 97 }),
      (inks, ground, runs) => {
        // The same mix twice, one nobody knows, and more pixels than runs.
        const mixOf = ['a', 'b', 'a', 'c', 'water'];
        const columns = emptyColumns(PIXELS);
        const filmUm = new Float32Array(PIXELS);
        const cover = new Uint8Array(PIXELS);
        const on = new Uint8Array(PIXELS);
        for (let i = 0; i < PIXELS; i++) {
          filmUm[i] = 3000 * runs[(7 * i) % 97]![1] ** 2;
          cover[i] = i % 9 === 0 ? 0 : i % 5 === 0 ? 100 : 255;
          on[i] = i % 11 === 0 ? 0 : 255;
          for (let n = 0; n < i % 8; n++) {
            const [stratum] = runs[(i + n) % 97]!;
            if (n === 0) begin(columns, i, stratum);
            else goOn(columns, i, stratum, n / 8 + runs[(i * n) % 97]![1] / 9);
          }
        }
        const films = filmsOf(mixOf, { inks, ground });
        expect(films.through).toHaveLength(4 * BINS);
        const [own, expected] = [makeDye, plainDye].map((make) => {
          const rgba = new Uint8ClampedArray(4 * PIXELS);
          const shimmer = new Uint8Array(PIXELS);
          // In two goes, as rows are.
          const dye = make(films);
          dye({ columns, filmUm, cover, on }, 0, 120, rgba, shimmer);
          dye({ columns, filmUm, cover, on }, 120, PIXELS, rgba, shimmer);
          return [...rgba, ...shimmer];
        }) as [number[], number[]];
        expect(Math.max(...own.map((v, i) => Math.abs(v - expected[i]!)))).toBeLessThanOrEqual(1);
      },
    ),
    { numRuns: 30 },
  );
});
