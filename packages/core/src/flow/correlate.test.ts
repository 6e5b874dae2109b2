import fc from 'fast-check';
import { between } from '../between.test-data';
import { correlator } from './correlate';
import { ANOTHER, type Cores, FOLDED } from './cores';

/** One run of a made core: which act, from what height down, and where in the cup its paint is at its top and at its foot. */
interface Run {
  readonly source: number;
  readonly top: number;
  readonly bins: readonly [number, number];
}

/** Four cores at the corners of one cell. */
function coresOf(columns: readonly (readonly Run[])[]): Cores {
  const knots = columns.map((runs) =>
    runs.flatMap((run, i) => {
      const fold = i > 0 && runs[i - 1]!.source === run.source;
      const begins = fold ? FOLDED : ANOTHER;
      const low = runs[i + 1]?.top ?? 0;
      return [
        { ...run, z: run.top, bin: run.bins[0], begins },
        { ...run, z: low, bin: run.bins[1], begins: 0 },
      ];
    }),
  );
  const all = knots.flat();
  const past = Int32Array.from(knots, (_, i) =>
    knots.slice(0, i + 1).reduce((sum, k) => sum + k.length, 0),
  );
  return {
    across: 2,
    down: 2,
    unit: 4,
    first: Int32Array.from(past, (p, i) => p - knots[i]!.length),
    past,
    z: Float32Array.from(all, (k) => k.z),
    begins: Uint8Array.from(all, (k) => k.begins),
    source: Uint16Array.from(all, (k) => k.source),
    bin: Float32Array.from(all, (k) => k.bin),
    acrossStream: new Float32Array(all.length),
  };
}

const CORNERS = [0, 1, 2, 3];

test('a paint that one core lacks pinches out there, between those above and below it', () => {
  const with_ = [
    { source: 1, top: 1, bins: [10, 20] },
    { source: 2, top: 0.8, bins: [0, 0] },
    { source: 0, top: 0.5, bins: [0, 0] },
  ] as const;
  const without = [
    { source: 1, top: 1, bins: [10, 20] },
    { source: 0, top: 0.6, bins: [0, 0] },
  ] as const;
  const told = correlator(coresOf([with_, without, with_, without]))(CORNERS);
  expect(told.runs).toBe(3);
  expect([...told.source.slice(0, 3)]).toEqual([1, 2, 0]);
  expect([...told.has.slice(4, 8)]).toEqual([1, 0, 1, 0]);
  // Where the second lacks it, it lies where the ground's paint begins.
  const tops = [0, 1, 2].map((run) => [told.tops[4 * run]!, told.tops[4 * run + 1]!]);
  expect(tops[0]).toEqual([1, 1]);
  expect(tops[1]![0]).toBeCloseTo(0.8, 6);
  expect(tops[1]![1]).toBeCloseTo(0.6, 6);
  expect(tops[2]![1]).toBeCloseTo(0.6, 6);
});

test('a paint that pushed into another pinches out where it is, and does not sink to the ground on its way', () => {
  const pushed = [
    { source: 0, top: 1, bins: [0, 0] },
    { source: 2, top: 0.9, bins: [0, 0] },
    { source: 0, top: 0.75, bins: [0, 0] },
  ] as const;
  const whole = [{ source: 0, top: 1, bins: [0, 0] }] as const;
  for (const cores of [
    [pushed, whole, pushed, whole],
    [whole, pushed, whole, pushed],
  ] as const) {
    const told = correlator(coresOf(cores))(CORNERS);
    expect([...told.source.slice(0, told.runs)]).toEqual([0, 2, 0]);
    // What is whole is the thick one below; all above it has come to nothing at the surface.
    const lacks = cores[0] === whole ? 0 : 1;
    expect([...told.has.slice(8, 12)]).toEqual([1, 1, 1, 1]);
    expect([0, 1, 2].map((run) => told.tops[4 * run + lacks])).toEqual([1, 1, 1]);
  }
});

test('folds are runs of their own: one that a core lacks pinches out there, and moves none of the others', () => {
  const turns = (bins: readonly number[]) =>
    bins.map((bin, n): Run => ({ source: 1, top: 1 - n / 5, bins: [bin, bin] }));
  const [all, few] = [turns([200, 175, 150, 125]), turns([175, 150, 125])];
  const told = correlator(coresOf([all, few, all, few]))(CORNERS);
  expect(told.runs).toBe(4);
  expect([...told.has.slice(0, 8)]).toEqual([1, 0, 1, 0, 1, 1, 1, 1]);
  const bins = [0, 1, 2, 3].map((run) => told.bin[4 * told.knots[run]!]);
  expect(bins).toEqual([200, 175, 150, 125]);
});

test('where one core lies in folds and its neighbour is only steep, both are told in as many parts', () => {
  const folded: readonly Run[] = [
    { source: 1, top: 1, bins: [230, 165] },
    { source: 1, top: 0.8, bins: [140, 100] },
  ];
  const steep: Run = { source: 1, top: 1, bins: [230, 100] };
  const cores = coresOf([folded, [], [steep], []]);
  // Knots in between, as a core has them: its middle is passed at 0.8.
  const knots = [
    [1, 230],
    [0.85, 170],
    [0.8, 150],
    [0, 100],
  ] as const;
  const first = cores.first[2]!;
  const whole: Cores = {
    ...cores,
    past: Int32Array.of(4, 4, 4 + knots.length, 4 + knots.length),
    first: Int32Array.of(0, 4, 4, 4 + knots.length),
    z: Float32Array.from([...cores.z.slice(0, first), ...knots.map(([z]) => z)]),
    bin: Float32Array.from([...cores.bin.slice(0, first), ...knots.map(([, bin]) => bin)]),
    begins: Uint8Array.from([...cores.begins.slice(0, first), ANOTHER, 0, 0, 0]),
    source: new Uint16Array(8).fill(1),
    acrossStream: new Float32Array(8),
  };
  const told = correlator(whole)(CORNERS);
  expect(told.runs).toBe(2);
  expect([...told.has.slice(0, 8)]).toEqual([1, 0, 1, 0, 1, 0, 1, 0]);
  expect(told.tops[4]).toBeCloseTo(0.8, 6);
  expect(told.tops[6]).toBeCloseTo(0.8, 6);
});

test('a corner off the paint takes no part', () => {
  const wet = [{ source: 0, top: 1, bins: [0, 0] }] as const;
  const told = correlator(coresOf([wet, [], wet, []]))(CORNERS);
  expect([...told.corners]).toEqual([1, 0, 1, 0]);
  expect([...told.has.slice(0, 4)]).toEqual([1, 0, 1, 0]);
});

const core = fc
  .uniqueArray(fc.integer({ min: 1, max: 99 }), { maxLength: 6 })
  .chain((cuts) =>
    fc.tuple(
      fc.constant([100, ...cuts.sort((a, b) => b - a)].map((c) => c / 100)),
      fc.array(fc.tuple(fc.nat(3), fc.nat(255)), { minLength: 7, maxLength: 7 }),
    ),
  )
  .map(([tops, what]) =>
    tops.map((top, i): Run => {
      // Of four acts, each run's other than the one above it.
      const source = (what[i]![0] % 2) * 2 + (i % 2);
      return { source, top, bins: [what[i]![1], what[i]![1]] };
    }),
  );

test('told side by side, each corner still has its own runs, as high as they were, down to the ground', () => {
  fc.assert(
    fc.property(fc.tuple(core, core, core, core), (columns) => {
      const told = correlator(coresOf(columns))(CORNERS);
      columns.forEach((runs, c) => {
        const own: { source: number; top: number; low: number }[] = [];
        for (let run = 0; run < told.runs; run++) {
          const [top, low] = [told.tops[4 * run + c]!, told.tops[4 * (run + 1) + c]!];
          expect(top).toBeGreaterThanOrEqual(low);
          if (told.has[4 * run + c]) own.push({ source: told.source[run]!, top, low });
          else expect(top).toBe(low);
        }
        expect(own.map((r) => r.source)).toEqual(runs.map((r) => r.source));
        own.forEach((r, i) => {
          expect(r.top).toBeCloseTo(runs[i]!.top, 5);
          expect(r.low).toBeCloseTo(runs[i + 1]?.top ?? 0, 5);
        });
      });
    }),
    { seed: 1, numRuns: 200 },
  );
});

/** Cores of one act's paint, each by its knots from the surface down: how high, and where in the cup. */
function wound(cores: readonly (readonly (readonly [z: number, bin: number])[])[]): Cores {
  const all = cores.flat();
  const past = cores.map((_, i) => cores.slice(0, i + 1).reduce((sum, k) => sum + k.length, 0));
  return {
    across: cores.length,
    down: 1,
    unit: 4,
    first: Int32Array.from(past, (p, i) => p - cores[i]!.length),
    past: Int32Array.from(past),
    z: Float32Array.from(all, ([z]) => z),
    begins: Uint8Array.from(cores.flatMap((k) => k.map((_, i) => (i === 0 ? ANOTHER : 0)))),
    source: new Uint16Array(all.length).fill(1),
    bin: Float32Array.from(all, ([, bin]) => bin),
    acrossStream: new Float32Array(all.length),
  };
}

// Each core is told just as it is, whatever stands at the cell's other corners: what they share is told alike on either side.
test('two cells agree on the border between them', () => {
  const core = fc
    .uniqueArray(fc.integer({ min: 1, max: 98 }), { minLength: 1, maxLength: 9 })
    .chain((heights) =>
      fc
        .array(between(0, 30), {
          minLength: heights.length + 1,
          maxLength: heights.length + 1,
        })
        .map((bins) =>
          [100, ...heights.sort((a, b) => b - a)].map((z, i): [number, number] => [
            z / 100,
            bins[i]!,
          ]),
        ),
    );
  const share = between(0, 1);
  fc.assert(
    fc.property(
      fc.array(core, { minLength: 6, maxLength: 6 }),
      share,
      share,
      (cores, down, depth) => {
        // The second and the fourth are what they have in common.
        const correlate = correlator(wound(cores));
        const bins = (corners: number[], upper: number, lower: number) => {
          const told = correlate(corners);
          const [first, past] = [told.knots[0]!, told.knots[told.runs]!];
          const at = (k: number) =>
            told.bin[4 * k + upper]! * (1 - down) + told.bin[4 * k + lower]! * down;
          let k = first;
          while (k + 1 < past && told.depth[k + 1]! <= depth) k++;
          if (k + 1 === past) return at(k);
          const part = (depth - told.depth[k]!) / (told.depth[k + 1]! - told.depth[k]!);
          return at(k) + (at(k + 1) - at(k)) * part;
        };
        const [left, right] = [bins([0, 1, 2, 3], 1, 3), bins([1, 4, 3, 5], 0, 2)];
        // What lies deep is told less closely: a twentieth of a bin at the surface, twenty times that at the ground.
        expect(Math.abs(left - right)).toBeLessThan(2 * 0.05 * (1 + 20 * depth) + 0.05);
      },
    ),
  );
});
