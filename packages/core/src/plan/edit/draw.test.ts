import { DAMSON, OAT, plan, QUINCE, SLATE } from '../fixture.test-data';
import { checkPlan } from '../document/check';
import type { Move } from '../../verb';
import { doubleMove, drawnWay, mirrorMove, repeatRound, turnToCorner } from './draw';

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
  expect(drawnWay(track, drawn)).toMatchObject({
    way: { kind: 'line', fromMm: [20, 60], toMm: [215, 99] },
  });
  expect(drawnWay(breath, drawn)).toBe(breath);
});
