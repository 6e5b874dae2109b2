import { PIGMENTS } from '../paint/pigment';
import { arrange, upsideDown } from './arrange';
import { costsOf, whyNone } from './explain';
import { othersThan } from './others';
import { ORDER_SCHOOLS } from './school';

const hex = (name: string): string => PIGMENTS.find((p) => p.name.startsWith(name))!.hex;
const WHITE = '#f7f6f2';
const RED = '#a8202c';
const GREEN = '#0b5d4e';
const DARK = '#1c2a4a';
const colours = (found: ReturnType<typeof arrange>) => found?.layers.map((l) => l.colour);

test('the contrast school keeps opposites apart where a pale colour can stand between', () =>
  expect(colours(arrange([WHITE, RED, GREEN], [1, 1, 1], { school: 'contrast' }))?.[1]).toBe(0));

test('the ramp goes from dark to bright, and starts anew only as often as repeats ask for', () => {
  const greys = ['#808080', '#101010', '#f0f0f0', '#404040'];
  expect(colours(arrange(greys, [1, 1, 1, 1], { school: 'ramp' }))).toEqual([1, 3, 0, 2]);
  expect(colours(arrange(greys, [2, 2, 2, 2], { school: 'ramp' }))).toEqual([
    1, 3, 0, 2, 1, 3, 0, 2,
  ]);
});

// Handbook 5: colours of one family may sit anywhere (common practice, no published source).
test('the family school keeps kin together', () => {
  const palette = ['#1f4fa0', '#c02a2a', '#2fa3a0', '#d8662a', '#3f7fd0'];
  const order = colours(arrange(palette, [1, 1, 1, 1, 1], { school: 'family' }))!;
  const warm = order.map((c) => [1, 3].includes(c));
  // Warm and cool each lie in one piece: the side is changed once only.
  expect(warm.slice(1).filter((w, i) => w !== warm[i])).toHaveLength(1);
});

test('the same colour begins and ends: one layer of it is halved', () => {
  const found = arrange([WHITE, RED, DARK], [1, 2, 1], { school: 'contrast', first: 0, last: 0 })!;
  expect(found.halved).toBe(0);
  const order = colours(found)!;
  expect([order[0], order.at(-1), order.length]).toEqual([0, 0, 5]);
});

test('whichever colour is best at both ends is found', () => {
  const found = arrange([WHITE, RED, GREEN], [1, 1, 1], { school: 'contrast', sameEnds: true })!;
  const order = colours(found)!;
  expect(order[0]).toBe(order.at(-1));
  const each = [0, 1, 2].map(
    (first) =>
      arrange([WHITE, RED, GREEN], [1, 1, 1], { school: 'contrast', first, sameEnds: true })!
        .weakest,
  );
  expect(found.weakest).toBe(Math.max(...each));
});

test('a separator goes between what gets on badly, and nowhere else', () => {
  const found = arrange([RED, GREEN, WHITE, DARK], [1, 1, 0, 1], {
    school: 'contrast',
    separator: 2,
    apart: [
      [0, 3],
      [1, 3],
    ],
  })!;
  // Red, green and the dark cannot touch each other well or at all: white between every two.
  expect(found.layers.filter((l) => l.separator)).toHaveLength(2);
  expect(found.weakest).toBeGreaterThan(0.35);
  const clean = arrange([hex('phthalo blue'), hex('light turquoise'), WHITE], [1, 1, 0], {
    school: 'contrast',
    separator: 2,
  })!;
  expect(clean.layers.some((l) => l.separator)).toBe(false);
});

test('the next best orders are others, none better than the best, and keep to what is asked', () => {
  const hexes = [WHITE, RED, GREEN, DARK, '#d8a526'];
  const counts = [2, 1, 1, 1, 1];
  const wish = { school: 'contrast', first: 0 } as const;
  const best = arrange(hexes, counts, wish)!;
  const others = othersThan(best, hexes, counts, wish);
  expect(others).toHaveLength(2);
  const pairs = (of: typeof best) =>
    colours(of)!
      .slice(1)
      .map((c, i) => [c, colours(of)![i]!].sort().join('-'))
      .sort()
      .join();
  expect(new Set([best, ...others].map(pairs)).size).toBe(3);
  for (const other of others) {
    expect(colours(other)![0]).toBe(0);
    expect([...colours(other)!].sort()).toEqual([...colours(best)!].sort());
    expect(other.weakest).toBeLessThanOrEqual(best.weakest);
  }
  expect(others[0]!.weakest).toBeGreaterThanOrEqual(others[1]!.weakest);
});

test('a separator keeps its pairs apart in the next best too, which is another order', () => {
  const hexes = [RED, GREEN, WHITE];
  const wish = { school: 'contrast', separator: 2 } as const;
  const best = arrange(hexes, [2, 2, 0], wish)!;
  expect(best.layers.some((l) => l.separator)).toBe(true);
  for (const other of othersThan(best, hexes, [2, 2, 0], wish))
    expect(colours(other)).not.toEqual(colours(best));
});

// The best order without one of the pairs of the best: found by trying every order of a small case.
test('the second best is the best that lacks a pair of the best', () => {
  const hexes = [WHITE, RED, GREEN, DARK];
  const wish = { school: 'contrast' } as const;
  const best = arrange(hexes, [1, 1, 1, 1], wish)!;
  const [second] = othersThan(best, hexes, [1, 1, 1, 1], wish);
  const touching = (order: readonly number[]) =>
    order.slice(1).map((c, i) => [Math.min(c, order[i]!), Math.max(c, order[i]!)].join());
  const inBest = touching(colours(best)!);
  const score = ([a, b]: number[]) => ORDER_SCHOOLS.contrast.score(hexes[a!]!, hexes[b!]!);
  const weakest = permutations([0, 1, 2, 3])
    .filter((order) => inBest.some((pair) => !touching(order).includes(pair)))
    .map((order) => Math.min(...touching(order).map((p) => score(p.split(',').map(Number)))));
  expect(second!.weakest).toBeCloseTo(Math.max(...weakest), 12);
});

test('turned upside down the same colours touch; nothing is turned that is pinned, or the same from both ends', () => {
  const hexes = [WHITE, RED, GREEN, DARK];
  const counts = [1, 1, 1, 1];
  for (const school of ['contrast', 'ramp', 'family'] as const) {
    const best = arrange(hexes, counts, { school })!;
    const turned = upsideDown(best, hexes, { school })!;
    expect(colours(turned)).toEqual([...colours(best)!].reverse());
    expect(turned.weakest).toBeLessThanOrEqual(best.weakest + 1e-12);
  }
  const pinned = { school: 'contrast', first: 0 } as const;
  expect(upsideDown(arrange(hexes, counts, pinned)!, hexes, pinned)).toBeUndefined();
  const ends = { school: 'contrast', sameEnds: true } as const;
  const round = arrange([WHITE, RED], [2, 1], ends)!;
  expect(upsideDown(round, [WHITE, RED], ends)).toBeUndefined();
  const apart = { school: 'contrast', separator: 2 } as const;
  const separated = arrange([RED, GREEN, WHITE], [2, 2, 0], apart)!;
  expect(upsideDown(separated, [RED, GREEN, WHITE], apart)!.layers).toEqual(
    [...separated.layers].reverse(),
  );
});

const permutations = (of: number[]): number[][] =>
  of.length < 2
    ? [of]
    : of.flatMap((c) => permutations(of.filter((o) => o !== c)).map((rest) => [c, ...rest]));

test('the cost of a wish is what the order would gain without it', () => {
  const hexes = [WHITE, RED, GREEN];
  const wish = { school: 'contrast', first: 0 } as const;
  const found = arrange(hexes, [1, 1, 1], wish)!;
  const [cost] = costsOf(hexes, [1, 1, 1], wish, found);
  const free = arrange(hexes, [1, 1, 1], { school: 'contrast' })!;
  expect(cost?.asked).toEqual({ kind: 'first', colour: 0 });
  expect(cost?.weakest).toBeCloseTo(free.weakest - found.weakest, 9);
  expect(cost?.weakest).toBeGreaterThan(0.5);
});

describe('why there is no order', () => {
  const hexes = [WHITE, RED, GREEN];
  test.each([
    [[3, 1, 0], { school: 'contrast' }, { kind: 'too-often', colour: 0 }],
    [[2, 1, 1], { school: 'contrast', spacing: 3 }, { kind: 'too-often', colour: 0 }],
    [
      [1, 1, 1],
      {
        school: 'contrast',
        apart: [
          [0, 1],
          [2, 1],
        ],
      },
      { kind: 'isolated', colour: 1 },
    ],
    [[1, 1, 1], { school: 'contrast', sameEnds: true, first: 0, last: 1 }, { kind: 'ends-differ' }],
    // White only touches red or green, these may not touch: white has to stand between, not first.
    [
      [1, 1, 1],
      { school: 'contrast', first: 0, apart: [[1, 2]] },
      { kind: 'drop', asked: { kind: 'first', colour: 0 } },
    ],
  ] as const)('%j %j', (counts, wish, why) => {
    expect(arrange(hexes, counts, wish)).toBeUndefined();
    expect(whyNone(hexes, counts, wish)).toEqual(why);
  });
});

test('where a colour is to begin and end, a dull dark does not while there is another', () => {
  const lively = ['#f4d60f', '#c01f28', '#1f9aa3', '#3d464c'];
  const found = arrange(lively, [1, 1, 1, 1], { school: 'contrast', sameEnds: true })!;
  expect(colours(found)![0]).not.toBe(3);
  // Asked for by name it is kept to, and worth half.
  const asked = arrange(lively, [1, 1, 1, 1], { school: 'contrast', first: 3, last: 3 })!;
  expect([colours(asked)![0], colours(asked)!.at(-1)]).toEqual([3, 3]);
  expect(asked.weakest).toBeLessThan(found.weakest);
});
