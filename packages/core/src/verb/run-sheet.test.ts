import { layRunSheet, type Move, type Scene, VERBS } from './index';

const scene: Scene = {
  mixName: () => 'Oat milk',
  cupName: () => 'cup 1',
  cup: () => ({ ml: 200, g: 220 }),
  densityOf: () => 1.1,
  areaCm2: 2000,
  outlineMm: 1800,
  edgeCm2: 324,
  pieces: 1,
  widthMm: 500,
  heightMm: 400,
};
const moves: Move[] = [
  { id: 'a', verb: 'lay', mix: 'm', filmMm: 1, s: 120 },
  { id: 'b', verb: 'flip', cup: 'c1', atMm: [250, 200], restS: 60, s: 20 },
  { id: 'c', verb: 'tilt', towardDeg: 45, angleDeg: 9, s: 14 },
  { id: 'd', verb: 'torch', s: 8, with: 'c' },
  { id: 'e', verb: 'rest' },
  { id: 'f', verb: 'coat', product: 'resin', filmMm: 2 },
];

test('moves follow each other; one that goes with another starts together with it', () => {
  const times = layRunSheet(moves, scene).map((s) => [s.startS, s.endS]);
  expect(times).toEqual([
    [0, 120],
    [120, 200],
    [200, 214],
    [200, 208],
    [214, 514],
    [514, 1414],
  ]);
});

test('what each takes: a film from its pot, a cup whole, a coat with half the film on the edges', () => {
  const [lay, flip, , , , coat] = layRunSheet(moves, scene).map((s) => s.takes);
  expect(lay?.[0]).toMatchObject({ use: 'base', mix: 'm', ml: 200 });
  expect(lay?.[0]?.g).toBeCloseTo(220, 9);
  expect(flip).toEqual([{ cup: 'c1', ml: 200, g: 220 }]);
  expect(coat?.[0]?.ml).toBeCloseTo(400 + 32.4, 9);
});

test('words say what is done and where', () => {
  const says = layRunSheet(moves, scene).map((s) => s.says);
  expect(says[1]).toBe('Turn cup 1 over on the middle, let it stand 60 s, then lift it slowly.');
  expect(says[2]).toContain('down to the lower right');
});

test('a set: each piece in turn, waiting done once', () => {
  const sheet = layRunSheet(moves, { ...scene, pieces: 6 });
  expect(sheet[1]).toMatchObject({ times: 6, startS: 720, endS: 720 + 6 * 80 });
  expect(sheet[1]?.takes[0]?.ml).toBe(1200);
  expect(sheet[4]?.times).toBe(1);
});

test('a move for one piece is done once', () => {
  expect(layRunSheet([{ ...moves[1]!, piece: 2 }], { ...scene, pieces: 6 })[0]?.times).toBe(1);
});

test('flame and resin carry their care notes', () => {
  expect(VERBS.torch.care).toContain('open-flame');
  expect(VERBS.coat.care).toContain('resin');
});

// Handbook 7, common practice, no published source: four discs of 4 in at 1/8 in take 3.5 US fl oz of resin with edges 0 and no drips.
test('a resin coat of four coasters', () => {
  const discs = { ...scene, areaCm2: (Math.PI * 101.6 ** 2) / 400, edgeCm2: 0, pieces: 4 };
  const [coat] = layRunSheet([{ id: 'f', verb: 'coat', product: 'resin', filmMm: 3.175 }], discs);
  expect(coat?.takes[0]?.ml).toBeCloseTo(102.96, 1);
});
