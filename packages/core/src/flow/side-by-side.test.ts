import fc from 'fast-check';
import { between } from '../between.test-data';
import { emptyMet, emptyWayDown, type StrataAlong, type WayDown } from './act';
import { following, ringsOf } from './rings';
import { sideBySide } from './side-by-side';

const share = between(0, 1);

/** Strata side by side at nine rows, each so much of its row; some of them nothing. */
const stacks = fc
  .integer({ min: 1, max: 4 })
  .chain((width) =>
    fc.array(fc.array(fc.integer({ min: 0, max: 5 }), { minLength: width, maxLength: width }), {
      minLength: 9,
      maxLength: 9,
    }),
  )
  .map((rows) => {
    const upTo = rows.flatMap((parts) => {
      const whole = parts.reduce((sum, part) => sum + part, 0) || 1;
      let sum = 0;
      return parts.map((part, k) => (k === parts.length - 1 ? 1 : (sum += part / whole)));
    });
    return sideBySide(Float32Array.from(upTo), rows[0]!.length);
  });

const turns = fc
  .array(fc.integer({ min: 0, max: 3 }), { minLength: 32, maxLength: 32 })
  .map((parts) => following(ringsOf(Uint8Array.from(parts)), 4));

/** What lies so far along a way, by what is told of it; it goes down from 0 to 1, by points between if there are any. */
function told(
  { stratum, along }: StrataAlong,
  points: readonly (readonly [bin: number, across: number])[],
  shares: readonly number[],
): number[] {
  const met = emptyMet(1000);
  const found = along(wayBy(points), met);
  const lies = [{ stratum: stratum(...points[0]!), from: 0 }];
  for (let n = 0; n < found; n++) lies.push({ stratum: met.strata[n]!, from: met.depth[n]! });
  return shares.map((at) => lies.filter(({ from }) => from <= at).at(-1)!.stratum);
}

function wayBy(points: readonly (readonly [bin: number, across: number])[]): WayDown {
  const way = emptyWayDown(points.length);
  way.count = points.length;
  points.forEach(([bin, across], n) => {
    way.depth[n] = n / (points.length - 1);
    way.bin[n] = bin;
    way.across[n] = across;
  });
  return way;
}

/** Where what lies a hair before and a hair after is the same: no border is so near that rounding decides. */
const clear = (
  { stratum }: StrataAlong,
  [bin, across, toBin, toAcross]: readonly [number, number, number, number],
  at: number,
) => {
  const here = (s: number) =>
    [-1e-5, 0, 1e-5].map((d) => {
      const aside = Math.min(1, Math.max(0, across + (toAcross - across) * s + d));
      return stratum(bin + (toBin - bin) * Math.min(1, Math.max(0, s + d)), aside);
    });
  return new Set(here(at)).size === 1;
};

test.each([
  ['side by side', stacks],
  ['one after the other', turns],
])('strata %s: what is told of a way is what lies there, however thin', (_, all) => {
  const bin = between(0, 7.999);
  fc.assert(
    fc.property(
      all,
      fc.tuple(bin, share, bin, share),
      // Not so near its end that a round-off decides.
      fc.array(between(0, 1 - 1e-9), { minLength: 30, maxLength: 30 }),
      (strata, way, shares) => {
        const sure = shares.filter((at) => clear(strata, way, at));
        const [from, aside, to, toAside] = way;
        const lies = sure.map((at) =>
          strata.stratum(from + (to - from) * at, aside + (toAside - aside) * at),
        );
        const [start, end] = [
          [from, aside],
          [to, toAside],
        ] as const;
        expect(told(strata, [start, end], sure)).toEqual(lies);
        // In two it is the same way.
        const middle = [(from + to) / 2, (aside + toAside) / 2] as const;
        expect(told(strata, [start, middle, end], sure)).toEqual(lies);
      },
    ),
  );
});

test('a stratum far thinner than the way is long is met, and who has enough is told no more', () => {
  const { along } = sideBySide(Float32Array.from([0.5, 0.501, 1, 0.5, 0.501, 1]), 3);
  const met = emptyMet(3);
  expect(
    along(
      wayBy([
        [0, 0],
        [0, 1],
      ]),
      met,
    ),
  ).toBe(2);
  expect([...met.strata]).toEqual([1, 2, 0]);
  expect(met.depth[0]).toBeCloseTo(0.5, 5);
  expect(met.depth[1]).toBeCloseTo(0.501, 5);
  const little = emptyMet(1);
  expect(
    along(
      wayBy([
        [0, 1],
        [0, 0],
      ]),
      little,
    ),
  ).toBe(1);
  expect([...little.strata]).toEqual([1]);
});

test('rows left out because others tell them move no border by a thousandth of the stream, and a border that leaps stays where it leaps', () => {
  const rows = 61;
  const at = (row: number) => 0.5 + 0.3 * Math.sin(row / 9) + (row > 40 ? 0.15 : 0);
  const upTo = Float32Array.from({ length: 2 * rows }, (_, i) => (i % 2 ? 1 : at(i >> 1)));
  const { stratum } = sideBySide(upTo, 2);
  for (let bin = 0; bin < rows - 1; bin += 0.25) {
    const row = Math.floor(bin);
    const border = at(row) + (bin - row) * (at(row + 1) - at(row));
    expect(stratum(bin, border - 1e-3)).toBe(0);
    expect(stratum(bin, border + 1e-3)).toBe(1);
  }
});
