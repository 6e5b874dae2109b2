import { DAMSON, OAT, plan, QUINCE, SLATE } from '../fixture.test-data';
import { checkPlan } from '../document/check';
import type { Move } from '../../verb';
import { previewOf } from '../preview/preview';
import { brief } from '../brief/brief';
import {
  addPuddle,
  doFirst,
  doubleMove,
  drawnMove,
  mirrorMove,
  repeatRound,
  turnToCorner,
} from './draw';

const square = (moves: readonly Move[]) => ({
  ...plan([OAT, SLATE, QUINCE, DAMSON], { shape: { kind: 'rect', widthMm: 300, heightMm: 300 } }),
  moves: [...moves],
});
const breath: Move = {
  id: 'b',
  verb: 'blow',
  fromMm: [150, 130],
  towardDeg: -80,
  reachMm: 60,
  air: 'mouth',
};
const track: Move = {
  id: 't',
  verb: 'trail',
  cups: ['c1'],
  way: { kind: 'line', fromMm: [150, 150], toMm: [240, 150] },
  heightMm: 60,
};

test('five breaths round the middle are five moves; a way poured so is one', () => {
  const five = repeatRound(square([breath]), 0, 5);
  expect(five.moves.map((m) => m.verb === 'blow' && m.towardDeg)).toEqual([-80, -8, 64, 136, -152]);
  expect(new Set(five.moves.map((m) => m.id)).size).toBe(5);
  expect(checkPlan(five)).toEqual([]);
  const once = repeatRound(square([track]), 0, 4);
  expect(once.moves).toHaveLength(1);
  expect(once.moves[0]).toMatchObject({
    own: true,
    way: { repeat: { n: 4, aboutMm: [150, 150] } },
  });
});

test('turned to the corner, a breath and a track go toward the nearest', () => {
  const [turned] = turnToCorner(square([breath]), 0).moves;
  expect(turned).toMatchObject({ towardDeg: -45 });
  const way = turnToCorner(square([track]), 0).moves[0];
  const to = way?.verb === 'trail' && way.way.kind === 'line' ? way.way.toMm : [0, 0];
  expect(Math.abs(to[0] - 150)).toBeCloseTo(Math.abs(to[1] - 150), 1);
});

test('mirrored, it is on the other side; doubled, another cup is poured where one stands full', () => {
  expect(mirrorMove(square([{ ...breath, fromMm: [100, 130] }]), 0).moves[1]).toMatchObject({
    fromMm: [200, 130],
    towardDeg: -100,
  });
  const p = square([track]);
  const two = { ...p, cups: [p.cups[0]!, { ...p.cups[0]!, id: 'c2' }] };
  expect(doubleMove(two, 0).moves[1]).toMatchObject({ verb: 'trail', cups: ['c2'], own: true });
  expect(doubleMove(p, 0).moves[1]).toMatchObject({ cups: ['c1'] });
});

test('what a finger draws is of the kind the move had; a move without a way stays', () => {
  const drawn = Array.from({ length: 40 }, (_, i): [number, number] => [20 + 5 * i, 60 + i]);
  expect(drawnMove(square([track]), 0, drawn).moves[0]).toMatchObject({
    way: { kind: 'line', fromMm: [20, 60], toMm: [215, 99] },
  });
});

test('a breath drawn with a finger begins where it did and reaches as far', () => {
  const [blown] = drawnMove(square([breath]), 0, [
    [100, 100],
    [150, 90],
    [180, 100],
  ]).moves;
  expect(blown).toMatchObject({ fromMm: [100, 100], towardDeg: 0, reachMm: 80 });
});

test('a tilt drawn from a part of the picture to a corner takes that part over it, and may be done first of all', () => {
  const tilt = (id: string, towardDeg: number): Move => ({
    id,
    verb: 'tilt',
    towardDeg,
    angleDeg: 8,
    s: 10,
  });
  const p = square([track, tilt('a', 0), tilt('b', 90), tilt('c', 180)]);
  // The finger stops short of the upper right corner, which is at 300, 0.
  const drawn = drawnMove(p, 3, [
    [120, 150],
    [200, 60],
    [280, 25],
  ]);
  const deg = Math.round((Math.atan2(-150, 180) * 180) / Math.PI);
  expect(drawn.moves[3]).toMatchObject({ id: 'c', towardDeg: deg, angleDeg: 8, own: true });
  const first = doFirst(drawn, 3);
  expect(first.index).toBe(1);
  expect(first.plan.moves.map(({ id }) => id)).toEqual(['t', 'c', 'a', 'b']);
  expect(doFirst(first.plan, 1)).toEqual({ plan: first.plan, index: 1 });
  expect(doFirst(p, 0).plan).toBe(p);
});

describe('puddles tapped one after the other', () => {
  const held = (p: ReturnType<typeof square>) => (move: Move) =>
    brief(p)
      .run.find((step) => step.move === move.id)!
      .takes.reduce((sum, { ml }) => sum + ml, 0);
  const one: Move = { id: 'p', verb: 'pour', cups: ['c1'], atMm: [80, 80], heightMm: 40 };
  const tapped = (n: number, from = square([one])) =>
    Array.from({ length: n }, (_, k) => k).reduce(
      (p, k) => addPuddle(p, p.moves.length - 1, [100 + 30 * k, 120], held(p)),
      from,
    );

  test('share what the cup holds evenly, in the order they were tapped, and leave nothing in it', () => {
    const all = held(square([one]))(one);
    for (const n of [1, 2, 3, 5]) {
      const p = tapped(n);
      expect(checkPlan(p)).toEqual([]);
      expect(p.moves).toHaveLength(n + 1);
      expect(p.moves.at(-1)).toMatchObject({ atMm: [100 + 30 * (n - 1), 120], own: true });
      const amounts = p.moves.map(held(p));
      expect(amounts.reduce((a, b) => a + b, 0)).toBeCloseTo(all, 6);
      // Told to a tenth of a millilitre.
      for (const ml of amounts) expect(Math.abs(ml - all / (n + 1))).toBeLessThan(0.1 * (n + 1));
      expect(
        brief(p)
          .run.at(-1)!
          .leaves.map(({ ml }) => Math.round(1e6 * ml)),
      ).toEqual([0]);
    }
  });

  test('where somebody has said how much, only the last is shared', () => {
    const p = tapped(1);
    const said = { ...p, moves: [{ ...p.moves[0]!, ml: 12 } as Move, p.moves[1]!] };
    const last = held(said)(said.moves[1]!);
    const more = addPuddle(said, 1, [30, 30], held(said));
    expect(held(more)(more.moves[0]!)).toBeCloseTo(12, 6);
    expect(held(more)(more.moves[1]!)).toBeCloseTo(last / 2, 0);
    expect(held(more)(more.moves[2]!)).toBeCloseTo(last / 2, 0);
  });

  test('of a set each piece has its own', () => {
    const set = square([one]);
    const pieces = { ...set, surface: { ...set.surface, pieces: 3 } };
    const p = tapped(1, pieces);
    const whole = held(pieces)(one);
    expect(p.moves.map(held(p)).reduce((a, b) => a + b, 0)).toBeCloseTo(whole, 6);
    expect(Math.abs(held(p)(p.moves[0]!) - whole / 2)).toBeLessThan(0.5);
  });

  test('of a layered cup the first has what leaves first', () => {
    const p = tapped(1);
    const { scene } = previewOf(p, brief(p));
    const mostOf = (nth: number) => {
      const act = scene.acts.filter((a) => a.kind === 'stream')[nth]!;
      return 'strata' in act ? act.strata.map(({ ml }) => ml) : [];
    };
    const [first, second] = [mostOf(0), mostOf(1)];
    // Poured over the rim: what went in last leaves first.
    expect(first.at(-1)!).toBeGreaterThan(second.at(-1)!);
    expect(first[0]!).toBeLessThan(second[0]!);
  });

  test('what is no puddle stays as it is, and so does one of an empty cup', () => {
    const p = square([breath]);
    expect(addPuddle(p, 0, [1, 1], () => 1)).toBe(p);
    const empty = square([one]);
    expect(addPuddle(empty, 0, [1, 1], () => 0)).toBe(empty);
  });
});
