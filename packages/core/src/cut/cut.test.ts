import fc from 'fast-check';
import { calmOf, contrastOf, type Picture, tilesOf } from '../reading';
import { type CutAsk, findCuts, hangings } from '.';
import { flatPatchesOf } from './flat-patches';
import { spansOf } from './spans';
import { veinsOf } from './veins';

/** Two pixels a mm, so that squares are half a millimetre. */
function drawn(
  widthMm: number,
  heightMm: number,
  at: (xMm: number, yMm: number) => readonly [number, number, number] | undefined,
): Picture {
  const [width, height] = [2 * widthMm, 2 * heightMm];
  const rgba = new Uint8ClampedArray(4 * width * height);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const rgb = at(x / 2, y / 2);
      if (rgb) rgba.set([...rgb, 255], 4 * (y * width + x));
    }
  return { width, height, rgba, pxPerMm: 2 };
}

const PLAIN = [230, 220, 200] as const;
const busy = (x: number, y: number) =>
  Math.floor(x / 5) % 2 === Math.floor(y / 5) % 2 ? ([40, 60, 120] as const) : PLAIN;
const ask: CutAsk = {
  kind: 'rect',
  widthMm: 30,
  heightMm: 20,
  count: 1,
  mayTurn: false,
  avoidMm: [],
};

test('a cut goes where something happens, and not where a place is kept out of it', () => {
  const picture = drawn(120, 80, (x, y) => (x > 70 && y > 40 ? busy(x, y) : PLAIN));
  const [cut] = findCuts(picture, ask);
  expect(cut!.xMm + cut!.widthMm).toBeGreaterThan(80);
  expect(cut!.yMm + cut!.heightMm).toBeGreaterThan(50);
  const crack = [cut!.xMm + 15, cut!.yMm + 10] as const;
  const [beside] = findCuts(picture, { ...ask, avoidMm: [crack] });
  const [dx, dy] = [crack[0] - beside!.xMm, crack[1] - beside!.yMm];
  expect(dx < 0 || dy < 0 || dx > 30 || dy > 20).toBe(true);
});

test('it is whole: nothing of it lies beside the piece, and where none fits there is none', () => {
  const disc = drawn(60, 60, (x, y) => (Math.hypot(x - 30, y - 30) < 29 ? busy(x, y) : undefined));
  for (const { xMm, yMm, widthMm, heightMm } of findCuts(disc, { ...ask, count: 3 }))
    for (const [u, v] of [
      [0, 0],
      [1, 0],
      [1, 1],
      [0, 1],
    ] as const)
      expect(Math.hypot(xMm + u * widthMm - 30, yMm + v * heightMm - 30)).toBeLessThan(29.8);
  expect(findCuts(disc, { ...ask, widthMm: 58, heightMm: 58 })).toEqual([]);
  // A circle of the same size does fit.
  expect(findCuts(disc, { ...ask, kind: 'oval', widthMm: 56, heightMm: 56 })).toHaveLength(1);
});

test('several cuts leave room for a knife, across as well where they may', () => {
  const cuts = findCuts(drawn(100, 100, busy), { ...ask, count: 6, mayTurn: true });
  expect(cuts.length).toBeGreaterThan(4);
  cuts.forEach((one, i) =>
    cuts.slice(i + 1).forEach((other) => {
      const gapX = Math.max(other.xMm - one.xMm - one.widthMm, one.xMm - other.xMm - other.widthMm);
      const gapY = Math.max(
        other.yMm - one.yMm - one.heightMm,
        one.yMm - other.yMm - other.heightMm,
      );
      expect(Math.max(gapX, gapY)).toBeGreaterThanOrEqual(2);
    }),
  );
});

test('of every place the best is found: the same as by looking at each square of each place', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 0, max: 255 }), { minLength: 48, maxLength: 48 }),
      fc.constantFrom('rect' as const, 'oval' as const),
      (bytes, kind) => {
        const picture = drawn(40, 30, (x, y) => {
          const of = Math.floor(y / 8) * 4 + Math.floor(x / 10);
          return [bytes[of]!, bytes[(of + 16) % 48]!, bytes[(of + 32) % 48]!];
        });
        const wanted = { ...ask, kind, widthMm: 12, heightMm: 9 };
        const [cut] = findCuts(picture, wanted);
        expect(cut!.score).toBeCloseTo(bestByHand(picture, wanted), 9);
      },
    ),
    { numRuns: 12 },
  );
});

/** The best score there is, square by square, by the definition. */
function bestByHand(picture: Picture, { kind, widthMm, heightMm }: CutAsk): number {
  const tiles = tilesOf(picture);
  const contrast = contrastOf(tiles);
  const calm = calmOf(tiles, contrast);
  const vein = veinsOf(tiles);
  const patch = flatPatchesOf(calm, tiles, heightMm / 3);
  const spans = spansOf({ kind, widthMm, heightMm }, tiles.mm);
  let best = 0;
  for (let y = 0; y + spans.length <= tiles.down; y += 4)
    for (let x = 0; x + 24 <= tiles.across; x += 4) {
      const of = spans.flatMap(([first, last], row) =>
        Array.from(
          { length: last - first + 1 },
          (_, k) => (y + row) * tiles.across + x + first + k,
        ),
      );
      const mean = (value: (i: number) => number) =>
        of.reduce((sum, i) => sum + value(i), 0) / of.length;
      const middle = [0, 1, 2].map((k) => mean((i) => tiles.lab[3 * i + k]!));
      const deviation = Math.sqrt(
        mean((i) => middle.reduce((sum, m, k) => sum + (tiles.lab[3 * i + k]! - m) ** 2, 0)),
      );
      const rests = Math.max(0, 1 - Math.abs(mean((i) => calm[i]!) - 0.25) / 0.5);
      const runs = of.reduce((sum, i) => sum + vein[i]!, 0) / widthMm;
      const good =
        0.35 * Math.min(1, mean((i) => contrast[i]!) / 22) +
        0.3 * Math.min(1, deviation / 32) +
        0.2 * Math.min(1, runs) +
        0.15 * rests;
      best = Math.max(best, good * (1 - 0.5 * mean((i) => patch[i]!)));
    }
  return best;
}

test('dark hangs low: the way it is steadiest comes first, and turning the picture turns the ways', () => {
  const darkLeft = drawn(60, 60, (x) => (x < 20 ? [30, 30, 40] : PLAIN));
  const [first] = hangings(darkLeft);
  // The left comes to lie at the bottom where it is turned three quarters clockwise.
  expect(first!.turn).toBe(270);
  expect(first!.low).toBeGreaterThan(0.2);
  expect(new Set(hangings(darkLeft).map(({ turn }) => turn)).size).toBe(4);
});
