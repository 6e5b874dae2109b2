import {
  type Act,
  develop,
  layGrid,
  type MakeKernel,
  mixesOf,
  pourOn,
  type PourScene,
  runsOf,
} from '@potter/core/flow';
import { BASE, endOf, flipped, scene } from '../../core/src/flow/scene.test-data';
import { loadKernel } from './index';

let make: MakeKernel;
beforeAll(async () => {
  make = await loadKernel();
});

const FULL = 'POTTER_FULL' in globalThis;
const TILT: Act = { kind: 'tilt', towardDeg: 30, angleDeg: 9, s: 8 };
const THICK = { base: 3.3e-3, a: 1.1e-3, b: 0.8e-3, c: 1.6e-3, d: 1.1e-3 };
const cup = (ml: number) => flipped([100, 100], ml, 4);

const poured = (what: PourScene, cells: number) => {
  const site = layGrid(what, cells);
  const kernel = make(site.grid, 65_536);
  return { pour: endOf(pourOn(kernel, what, site)), kernel };
};

/** The mix on top of every pixel, "" where it is bare. */
function onTop(what: PourScene, cells: number): string[] {
  const { pour, kernel } = poured(what, cells);
  const { cover, columns } = endOf(develop(pour, kernel, 128));
  const mixOf = mixesOf(what);
  return Array.from(cover, (covered, i) =>
    covered < 128 || columns.count[i] === 0 ? '' : mixOf[runsOf(columns, i).strata[0]!]!,
  );
}
const shareOf = (top: readonly string[], mix: string) =>
  top.filter((m) => m === mix).length / top.filter((m) => m !== '').length;

// science-flow.md asks for 97 % on a base and 94 % on dry ground between 160 and 320 cells, and shares within a point. Measured: 97.4 % on a base, 96.4 % where
// paint is thick over it, 96.0 % on dry ground; from the 128 of pictures to 320 96.7, 95.2 and 94.7. On grids so coarse as the short run's a little less, and on
// dry ground shares within 1.3 points.
const CASES: readonly [string, readonly Act[], Partial<PourScene>][] = [
  ['a flip on a base', [BASE, cup(80), TILT], {}],
  ['a flip on a thick base', [BASE, cup(80), TILT], { nuOf: THICK }],
  ['a flip on dry ground', [cup(80), TILT], {}],
];
/** Cells along one side of two grids, and the least share of pixels that is to be the same in each case. */
const GRIDS: readonly { cells: readonly [number, number]; least: readonly number[] }[] = FULL
  ? [
      { cells: [160, 320], least: [0.97, 0.96, 0.95] },
      { cells: [128, 320], least: [0.96, 0.95, 0.94] },
    ]
  : [{ cells: [64, 128], least: [0.96, 0.95, 0.92] }];

describe.each(GRIDS)('with $cells.0 cells as with $cells.1 it is the same picture', (grids) => {
  test.each(CASES.map((each, n) => [...each, grids.least[n]!] as const))('%s', (...of) => {
    const [, acts, change, least] = of;
    const [one, other] = grids.cells.map((cells) => onTop(scene(acts, change), cells)) as [
      string[],
      string[],
    ];
    const wet = one.filter((mix, i) => mix !== '' || other[i] !== '').length;
    const same = one.filter((mix, i) => mix !== '' && mix === other[i]).length;
    expect(same / wet).toBeGreaterThan(least);
    for (const mix of ['base', 'a', 'b', 'c', 'd'])
      expect(Math.abs(shareOf(one, mix) - shareOf(other, mix))).toBeLessThan(FULL ? 0.01 : 0.015);
  });
});

/** Mean difference of two films, as a share of their mean height. */
function apart(a: ArrayLike<number>, b: ArrayLike<number>): number {
  let off = 0;
  let all = 0;
  for (let i = 0; i < a.length; i++) {
    off += Math.abs(a[i]! - b[i]!);
    all += a[i]!;
  }
  return off / all;
}

test('a rest in two halves is one rest, a path poured in two halves one pour', () => {
  const heights = (acts: readonly Act[]) => poured(scene(acts, { nuOf: THICK }), 64).pour.h;
  const rest = (s: number): Act => ({ kind: 'rest', s });
  const [a, b] = [[rest(24)], [rest(12), rest(12)]].map((rests) =>
    heights([BASE, cup(60), TILT, ...rests]),
  ) as [Float32Array, Float32Array];
  expect(apart(a, b)).toBeLessThan(0.002);
  const led = (from: number, to: number, ml: number) =>
    flipped([0, 0], ml, 1, {
      pathMm: [
        [from, 100],
        [to, 100],
      ],
      radiusMm: [{ at: 0, mm: 8 }],
      s: ml / 6,
      core: false,
      lamination: 'stack',
    });
  const [whole, halves] = [[led(50, 150, 60)], [led(50, 100, 30), led(100, 150, 30)]].map((acts) =>
    heights([BASE, ...acts]),
  ) as [Float32Array, Float32Array];
  expect(apart(whole, halves)).toBeLessThan(0.01);
});
