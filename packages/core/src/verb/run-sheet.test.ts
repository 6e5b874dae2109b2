import { USUAL_SHEETS } from '../coat';
import { lengthOfLine } from '../surface/path';
import { stripOf } from '../surface/outline/strip';
import { factorsWith } from '../factor';
import {
  careOf,
  type InCup,
  keepLedger,
  layRunSheet,
  type Move,
  type Scene,
  type Table,
} from './index';

const scene: Scene = {
  sheets: USUAL_SHEETS,
  mixName: () => 'Oat milk',
  cupName: () => 'cup 1',
  densityOf: () => 1.1,
  outletOf: () => 'rim',
  mouthMm: () => 78,
  lobesOf: () => 1,
  areaCm2: 2000,
  outlineMm: 1800,
  edgeCm2: 324,
  pieces: 1,
  oily: false,
  openRim: true,
  corners: true,
  stripOf: (deg, from, to) => stripOf([[0, 0, 500, 0, 500, 400, 0, 400]], 200_000, deg, from, to),
  widthMm: 500,
  heightMm: 400,
};
const cup: InCup = {
  strata: [
    { mix: 'm', ml: 120, dive: 0 },
    { mix: 'n', ml: 80, dive: 0 },
  ],
  stir: 0,
  ml: 200,
  g: 220,
};
const table = (change: Partial<Scene> = {}): Table => ({
  scene: { ...scene, ...change },
  cups: new Map([
    ['c1', cup],
    ['c2', cup],
  ]),
  pots: [{ use: 'base', mix: 'm', ml: 300, g: 330 }],
  viscosityOf: () => 1,
  factors: factorsWith(),
});
const moves: Move[] = [
  { id: 'a', verb: 'lay', mix: 'm', filmMm: 1, s: 120 },
  { id: 'b', verb: 'flip', cup: 'c1', atMm: [250, 200], restS: 60, s: 20 },
  { id: 'c', verb: 'tilt', towardDeg: 45, angleDeg: 9, s: 14 },
  { id: 'd', verb: 'torch', s: 8, with: 'c' },
  { id: 'e', verb: 'rest' },
  { id: 'f', verb: 'coat', product: 'resin', filmMm: 2 },
];
const sheet = (list: readonly Move[], change: Partial<Scene> = {}) =>
  layRunSheet(list, { ...scene, ...change }, keepLedger(list, table(change)));

test('moves follow each other; one that goes with another starts together with it', () => {
  expect(sheet(moves).map((s) => [s.startS, s.endS])).toEqual([
    [0, 120],
    [120, 200],
    [200, 214],
    [200, 208],
    [214, 514],
    [514, 1414],
  ]);
});

test('of two that go together the first tells both, and the other says so first', () => {
  const [, , tilt, torch] = sheet(moves).map((s) => s.says);
  expect(tilt).toMatch(/^Tilt about 9°.* At the same time: one quick pass/);
  expect(torch).toMatch(/^At the same time: one quick pass/);
});

test('what goes together is one turn of what flows, a lane each, whatever stands between them in the list', () => {
  const flows = keepLedger(
    [
      { id: 'a', verb: 'lay', mix: 'm', filmMm: 1 },
      { id: 'b', verb: 'flip', cup: 'c1', atMm: [250, 200], restS: 60 },
      { id: 'c', verb: 'rest', s: 5 },
      { id: 'd', verb: 'tilt', towardDeg: 0, angleDeg: 5, s: 9, with: 'b' },
    ],
    table(),
  ).flow();
  expect(flows.turns).toEqual([[1], [2, 1], [1]]);
  expect(flows.acts.map((a) => a.kind)).toEqual(['overlay', 'rest', 'stream', 'tilt', 'rest']);
});

test('what each takes: a film from its pot, a cup whole, a coat with half the film on the edges', () => {
  const [lay, flip, , , , coat] = sheet(moves).map((s) => s.takes);
  expect(lay?.[0]).toMatchObject({ use: 'base', mix: 'm', ml: 200 });
  expect(lay?.[0]?.g).toBeCloseTo(220, 9);
  expect(flip).toEqual([{ cup: 'c1', ml: 200, g: 220 }]);
  expect(coat?.[0]).toMatchObject({ product: 'resin' });
  // And of what is poured over an open edge three twentieths drip off.
  expect(coat?.[0]?.ml).toBeCloseTo(1.15 * (400 + 32.4), 9);
});

test('what is left is told beside what is taken: of the pot, and of the cup', () => {
  const [lay, flip] = sheet(moves).map((s) => s.leaves[0]);
  expect(lay?.g).toBeCloseTo(110, 9);
  expect(flip).toEqual({ cup: 'c1', ml: 0, g: 0 });
});

test('words say what is done and where', () => {
  const says = sheet(moves).map((s) => s.says);
  expect(says[1]).toBe('Turn cup 1 over on the middle, let it stand 60 s, then lift it slowly.');
  expect(says[2]).toContain('down to the lower right');
});

test('a set: each piece in turn, waiting done once', () => {
  const six = sheet(moves, { pieces: 6 });
  expect(six[1]).toMatchObject({ times: 6, startS: 720, endS: 720 + 6 * 80 });
  expect(six[1]?.takes[0]?.ml).toBe(1200);
  expect(six[4]?.times).toBe(1);
});

test('a move for one piece is done once, and leaves the others’ cups full', () => {
  const [one] = sheet([{ ...moves[1]!, piece: 2 }], { pieces: 6 });
  expect(one?.times).toBe(1);
  expect(one?.leaves).toEqual([{ cup: 'c1', ml: 1000, g: 1100 }]);
});

test('flame, resin and the dust of sanding carry their care notes; varnish no resin’s', () => {
  expect(careOf(moves[3]!)).toEqual(['open-flame']);
  expect(careOf(moves[5]!)).toEqual(['resin']);
  expect(careOf({ id: 'v', verb: 'coat', product: 'varnish', filmMm: 0.1 })).toEqual(['spray']);
  expect(careOf({ id: 's', verb: 'tend', task: 'sand-back' })).toEqual(['dust']);
});

// Handbook 7, common practice, no published source: four discs of 4 in at 1/8 in take 3.5 US fl oz of resin and drips: 2 + 2 in practice.
test('a resin coat of four coasters', () => {
  const discs = { areaCm2: (Math.PI * 101.6 ** 2) / 400, edgeCm2: 0, pieces: 4 };
  const [coat] = sheet([{ id: 'f', verb: 'coat', product: 'resin', filmMm: 3.175 }], discs);
  const usFlOz = coat!.takes[0]!.ml / 29.5735;
  expect(usFlOz).toBeCloseTo(3.48 * 1.15, 2);
  const [held] = sheet([{ id: 'f', verb: 'coat', product: 'resin', filmMm: 3.175 }], {
    ...discs,
    openRim: false,
  });
  expect(held?.takes[0]?.ml).toBeCloseTo(102.96, 1);
});

describe('a ledger', () => {
  const flip = (id: string, more: object = {}): Move => ({
    id,
    verb: 'flip',
    cup: 'c1',
    atMm: [250, 200],
    ...more,
  });

  test('pours a cup once: the second time nothing is left, and it says what emptied it', () => {
    const { entries, flow } = keepLedger([flip('one'), flip('two')], table());
    expect(entries.map((e) => e.takes.length)).toEqual([1, 0]);
    expect(entries.map((e) => e.dry)).toEqual([[], [{ cup: 'c1', by: 'one' }]]);
    expect(flow().acts.map((a) => a.kind)).toEqual(['stream']);
  });

  test('poured in one place on a turntable the paint falls in as many rings as it turns', () => {
    const pour = (more: object): Move => ({
      id: 'p',
      verb: 'pour',
      cups: ['c1'],
      atMm: [300, 200],
      heightMm: 60,
      ...more,
    });
    const way = (move: Move) => {
      const [act] = keepLedger([move], table()).flow().acts;
      return act?.kind === 'stream' ? act.pathMm : [];
    };
    expect(way(pour({}))).toEqual([[300, 200]]);
    const turned = way(pour({ turnsPerMin: 30, s: 10, own: true }));
    for (const [x, y] of turned) expect(Math.hypot(x - 250, y - 200)).toBeCloseTo(50, 6);
    // Five turns in ten seconds: it ends where it began, having gone round counterclockwise, for the piece turns clockwise.
    expect(turned.at(-1)![0]).toBeCloseTo(300, 6);
    expect(lengthOfLine(turned)).toBeCloseTo(5 * 2 * Math.PI * 50, -1);
    expect(turned[1]![1]).toBeLessThan(200);
    // However long somebody says it takes.
    const days = way(pour({ turnsPerMin: 120, s: 86400 * 60, own: true }));
    expect(days.length).toBeLessThanOrEqual(4001);
  });

  test('a cup for each piece of a set is not one cup poured twice', () => {
    const each = [1, 2, 3].map((piece) => flip(`p${piece}`, { piece }));
    const { entries, full } = keepLedger(each, table({ pieces: 3 }));
    expect(entries.flatMap((e) => e.dry)).toEqual([]);
    expect(full).toEqual([{ cup: 'c2', ml: 600, g: 660 }]);
    const twice = keepLedger([...each, flip('again', { piece: 2 })], table({ pieces: 3 }));
    expect(twice.entries[3]!.dry).toEqual([{ cup: 'c1', by: 'p2' }]);
    expect(twice.entries[3]!.takes).toEqual([]);
  });

  test('what is taken and what is left is what was loaded, whatever the moves', () => {
    const list = [
      flip('one', { piece: 1 }),
      flip('two'),
      { id: 'p', verb: 'pour', cups: ['c2', 'c1', 'c2'], atMm: [1, 1], heightMm: 50 } as Move,
    ];
    const { entries, full } = keepLedger(list, table({ pieces: 2 }));
    const taken = entries
      .flatMap((e) => e.takes)
      .filter((t) => t.cup !== undefined)
      .reduce((sum, t) => sum + t.ml, 0);
    const left = full.reduce((sum, c) => sum + c.ml, 0);
    expect(taken + left).toBeCloseTo(2 * 2 * 200, 9);
  });

  test('a wet edge weighs as much in the mean as the strip it is', () => {
    const thin = { ...table(), viscosityOf: (mix: string) => (mix === 'e' ? 0.01 : 1) };
    const edge: Move = { id: 'e', verb: 'edge', mix: 'e', filmMm: 0.3 };
    const { nu } = keepLedger([edge, flip('one')], thin).flow();
    // 1800 mm × 20 mm × 0.3 mm = 10.8 mL beside 200 mL, by logarithm.
    const share = 10.8 / 210.8;
    expect(Math.log(nu * 1100)).toBeCloseTo(share * Math.log(0.01), 6);
  });
});

test('a step says what the hand must have ready, each thing once, and the sign to stop by where nothing else does', () => {
  const noted: Move[] = [...moves, { id: 'g', verb: 'tilt', note: 'Slowly.', s: 10 } as Move];
  const by = Object.fromEntries(sheet(noted).map((step) => [step.move, step]));
  expect(by.a!.hand).toEqual(['Oat milk']);
  expect(by.b!.hand).toEqual(['cup 1']);
  expect(by.c!.hand).toEqual([]);
  expect(by.d!.hand).toEqual(['the torch']);
  expect(by.c!.until).toMatch(/over the edge/);
  expect(by.g!.until).toBeUndefined();
  expect(sheet(moves, { oily: true }).find(({ move }) => move === 'e')!.until).toMatch(/pea/);
  expect(by.e!.until).not.toMatch(/pea/);
});
