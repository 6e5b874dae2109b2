import { answerOrder } from '../../order/answer';
import type { Point } from '../../surface/path';
import { brief } from '../brief/brief';
import { checkPlan } from '../document/check';
import type { Plan } from '../document/schema';
import { setOrder } from '../edit';
import { BRASS, KALE, OAT, plan, SLATE } from '../fixture.test-data';
import { arrangeCups } from './arrange-cups';
import { cupOrderAsk } from './cup-order';
import { meetingsOf } from './meetings';

/** Cups of these mixes, bottom first, each turned over in its place. */
const turnedOver = (...cups: { at: Point; layers: string[] }[]): Plan => ({
  ...plan([OAT, SLATE, KALE, BRASS]),
  cups: cups.map(({ layers }, i) => ({
    id: `c${i}`,
    vessel: { topMm: 80, bottomMm: 60, heightMm: 100 },
    layers: layers.map((mix) => ({ mix, parts: 1, placement: 'wall' })),
  })),
  moves: cups.map(({ at: [x, y] }, i) => ({
    id: `f${i}`,
    verb: 'flip',
    cup: `c${i}`,
    atMm: [x, y],
    s: 20,
  })),
});
const met = (p: Plan) => meetingsOf(p, brief(p));
const alike = ['m-oat', 'm-slate', 'm-brass'];

test('of a cup turned over the last layer faces those beside it; of one poured through a tip, the first', () => {
  const flips = turnedOver(
    { at: [150, 200], layers: ['m-slate', 'm-oat'] },
    { at: [350, 200], layers: ['m-oat', 'm-brass'] },
  );
  expect(met(flips)).toMatchObject([{ cups: [0, 1], mixes: ['m-oat', 'm-brass'] }]);
  const tips: Plan = {
    ...flips,
    cups: flips.cups.map((cup) => ({ ...cup, outlet: { tipMm: 4 } })),
    moves: flips.cups.map(({ id }, i) => ({
      id,
      verb: 'pour',
      cups: [id],
      atMm: [150 + 200 * i, 200],
      heightMm: 50,
      s: 20,
    })),
  };
  expect(met(tips)).toMatchObject([{ mixes: ['m-slate', 'm-oat'] }]);
});

test('cups meet where none stands between, and not where one stands on the other', () => {
  const row = turnedOver(
    { at: [100, 200], layers: alike },
    { at: [250, 200], layers: alike },
    { at: [400, 200], layers: alike },
    { at: [401, 202], layers: alike },
  );
  expect(met(row).map((m) => m.cups)).toEqual([
    [0, 1],
    [1, 2],
  ]);
  // Four in a square: the sides, not the diagonals.
  const [a, b] = [150, 350];
  const square = turnedOver(
    ...(
      [
        [a, a],
        [b, a],
        [b, b],
        [a, b],
      ] as const
    ).map((at) => ({ at, layers: alike })),
  );
  expect(met(square)).toHaveLength(4);
});

test('a cup that is emptied in two places, or along a way, turns no one colour outward', () => {
  const p = turnedOver({ at: [100, 200], layers: alike }, { at: [400, 200], layers: alike });
  const twice: Plan = { ...p, moves: [...p.moves, { ...p.moves[0]!, id: 'again' }] };
  expect(met(twice)).toEqual([]);
  const along: Plan = {
    ...p,
    moves: [
      p.moves[0]!,
      {
        id: 't',
        verb: 'trail',
        cups: ['c1'],
        way: { kind: 'line', fromMm: [300, 100], toMm: [400, 300] },
        heightMm: 40,
        s: 20,
      },
    ],
  };
  expect(met(along)).toEqual([]);
});

test('asked for, an order keeps another colour outermost than any cup beside it', () => {
  const p = setOrder(
    turnedOver({ at: [150, 200], layers: alike }, { at: [350, 200], layers: alike }),
    { school: 'contrast', facing: true },
  );
  expect(checkPlan(structuredClone(p))).toEqual([]);
  const asked = cupOrderAsk(p, brief(p), 0)!;
  const brass = asked.mixes.indexOf('m-brass');
  expect(asked.ask.wish.facing).toEqual({ end: 'last', colours: [brass] });
  const answer = answerOrder(asked.ask);
  if (!('found' in answer)) throw new Error(JSON.stringify(answer));
  for (const order of [answer.found, ...answer.others, ...(answer.turned ? [answer.turned] : [])])
    expect(order.layers.at(-1)!.colour).not.toBe(brass);
  expect(answer.costs.map((c) => c.asked.kind)).toEqual(['facing']);
});

test('every cup is ordered against those before it, and no two that meet show one colour', () => {
  const places: Point[] = [
    [100, 100],
    [250, 100],
    [400, 100],
    [100, 300],
    [250, 300],
    [400, 300],
  ];
  const p = turnedOver(...places.map((at) => ({ at, layers: alike })));
  expect(met(p).every((m) => m.judged === undefined)).toBe(true);
  const wanted = { school: 'contrast', facing: true } as const;
  const arranged = arrangeCups(p, brief(p), wanted);
  expect(met(arranged)).toHaveLength(7);
  expect(met(arranged).every((m) => m.judged !== undefined)).toBe(true);
  const layersIn = (of: Plan) => of.cups.map((c) => c.layers!.map((l) => l.mix).sort());
  expect(layersIn(arranged)).toEqual(layersIn(p));
  // What is not asked is not heeded: the six stay alike.
  const free = arrangeCups(p, brief(p), { school: 'contrast' });
  expect(met(free).every((m) => m.judged === undefined)).toBe(true);
});

test('where there is no other colour, a cup is ordered all the same', () => {
  const p = turnedOver(
    { at: [150, 200], layers: ['m-oat', 'm-slate', 'm-oat'] },
    { at: [350, 200], layers: ['m-slate', 'm-oat', 'm-oat'] },
  );
  const pinned = { school: 'contrast', facing: true, last: 'm-oat' } as const;
  expect(arrangeCups(p, brief(p), pinned).cups.map((c) => c.layers!.at(-1)!.mix)).toEqual([
    'm-oat',
    'm-oat',
  ]);
  const asked = cupOrderAsk(p, brief(p), 0, pinned)!;
  expect(answerOrder(asked.ask)).toMatchObject({ none: { kind: 'drop' } });
});
