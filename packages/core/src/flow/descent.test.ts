import fc from 'fast-check';
import { emptyMet } from './act';
import { BOTTOM, emptyColumns, MOST_RUNS, runsOf } from './columns';
import { descent, SEEN_RUNS, THIN } from './descent';

/** Strata on a way down, each another than the one above it, and how deep each begins: at the surface, and then ever deeper. */
const ways = fc
  .array(fc.tuple(fc.nat(3), fc.integer({ min: 1, max: 999 })), {
    maxLength: 90,
    size: 'max',
  })
  .map((met) => {
    const depths = [...new Set(met.map(([, depth]) => depth))].sort((a, b) => a - b);
    let stratum = 0;
    return depths.map((depth, n) => {
      stratum = (stratum + 1 + met[n]![0]) % 5;
      return { stratum, depth: depth / 1000 };
    });
  });
type Way = readonly { readonly stratum: number; readonly depth: number }[];

const down = descent();

/** The column of what is met on a way down that begins in stratum 0. */
function columnOf(way: Way) {
  const columns = emptyColumns(1);
  down.begin(0);
  const met = emptyMet(way.length);
  way.forEach(({ stratum, depth }, n) => {
    met.strata[n] = stratum;
    met.depth[n] = depth;
  });
  down.meet(met, way.length);
  down.end(columns, 0);
  const { strata, ends } = runsOf(columns, 0);
  return [...strata].map((stratum, n) => ({ stratum, from: n ? ends[n - 1]! : 0, to: ends[n]! }));
}

/** Stretches of single strata between two depths, in parts of `BOTTOM`. */
function stretchesIn(way: Way, from: number, to: number) {
  const all = [{ stratum: 0, depth: 0 }, ...way];
  return all.flatMap(({ stratum, depth }, n) => {
    const end = Math.round(BOTTOM * (all[n + 1]?.depth ?? 1));
    const begin = Math.round(BOTTOM * depth);
    return begin >= from && end <= to ? [{ stratum, thick: end - begin }] : [];
  });
}

test('runs reach from the surface to the ground without a gap, and are no more than there is room for', () => {
  fc.assert(
    fc.property(ways, (way) => {
      const runs = columnOf(way);
      expect(runs.length).toBeLessThanOrEqual(MOST_RUNS);
      expect(runs.at(-1)!.to).toBe(BOTTOM);
      runs.slice(1).forEach((run, n) => {
        expect(run.from).toBeLessThan(run.to);
        expect(run.stratum).not.toBe(runs[n]!.stratum);
      });
    }),
  );
});

test('those that are seen are told as they were met, down to the first that is too thin for how deep it lies', () => {
  let told = 0;
  fc.assert(
    fc.property(ways, (way) => {
      const all = [{ stratum: 0, depth: 0 }, ...way];
      const endOf = (n: number) => all[n + 1]?.depth ?? 1;
      const thin = all.findIndex(({ depth }, n) => endOf(n) - depth < 1.0001 * THIN * endOf(n));
      const met = all.slice(0, Math.min(SEEN_RUNS, thin < 0 ? all.length : thin));
      told += met.length;
      expect(columnOf(way).slice(0, met.length)).toMatchObject(
        met.map(({ stratum, depth }) => ({ stratum, from: Math.round(BOTTOM * depth) })),
      );
    }),
  );
  expect(told).toBeGreaterThan(300);
});

test('what shines through from below is not lost to a dozen thin ones above it', () => {
  // Turns on turns of a spiral, as they lie at one place of the demo's clock faces: 0 oat, 1 slate, 2 walnut, 3 brass.
  const ends = [2, 4, 6, 11, 24, 33, 41, 69, 80, 84, 85, 86, 88, 89, 187, 425, 1000];
  const strata = [0, 1, 0, 2, 3, 2, 3, 2, 3, 2, 3, 2, 0, 1, 0, 1, 0];
  const way = strata.slice(1).map((stratum, n) => ({ stratum, depth: ends[n]! / 1000 }));
  const under = columnOf(way).filter(({ to }) => to > 0.1 * BOTTOM);
  expect(under.map(({ stratum, to }) => [stratum, Math.round((1000 * to) / BOTTOM)])).toEqual([
    [0, 187],
    [1, 425],
    [0, 1000],
  ]);
});

test('those that lie together are told by the thickest of them', () => {
  let joined = 0;
  fc.assert(
    fc.property(ways, (way) => {
      for (const { stratum, from, to } of columnOf(way)) {
        const stretches = stretchesIn(way, from, to);
        if (stretches.length > 1) joined++;
        // Runs of one stratum on each other are one: then it is the thickest of one of them.
        const thickest = Math.max(...stretches.map(({ thick }) => thick));
        expect(stretches.some((own) => own.stratum === stratum && own.thick >= thickest / 2)).toBe(
          true,
        );
      }
    }),
    { numRuns: 300 },
  );
  expect(joined).toBeGreaterThan(100);
});

test('what is met at the ground is not told: nothing of it is there', () => {
  expect(columnOf([{ stratum: 3, depth: 1 }])).toEqual([{ stratum: 0, from: 0, to: BOTTOM }]);
});
