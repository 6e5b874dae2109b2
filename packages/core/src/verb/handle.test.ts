import fc from 'fast-check';
import { type Point, PATHS } from '../surface/path';
import { startOf } from '../field/kind';
import { idsOf } from '../registry';
import { handlesOf, heldTo } from './handle';
import { toward } from './mark/define';
import { type Move, verbOf, VERBS } from './move';
import { mirroredMove, turnedMove } from './turned';
import { wayOf } from './way';

const face = { widthMm: 300, heightMm: 200 };
const around = {
  ...face,
  mixes: ['m-oat'],
  cups: ['c1'],
  pots: [{ use: 'activator', mix: 'm-oat' }],
};

/** A move of every verb as it begins, and of those with a way one of every kind of way. */
const MOVES: readonly Move[] = Object.values(VERBS).flatMap((verb) => {
  const values = Object.entries(verb.fields).flatMap(([name, field]) => {
    const start = startOf({ ...field, optional: false }, around);
    return start === undefined ? [] : [[name, start] as const];
  });
  const move = { id: verb.id, verb: verb.id, ...Object.fromEntries(values) } as unknown as Move;
  const way = wayOf(move);
  return way
    ? idsOf(PATHS).map((kind) => ({ ...move, [way.name]: PATHS[kind].start(face) }) as Move)
    : [move];
});
const HELD = MOVES.flatMap((move) =>
  handlesOf(move, face).map((handle) => ({ move, id: handle.id, label: handle.label })),
);
const far = (a: Point, b: Point): number => Math.hypot(a[0] - b[0], a[1] - b[1]);
const at = (move: Move, id: string): Point => handlesOf(move, face).find((h) => h.id === id)!.atMm;

test('whatever lies somewhere can be taken hold of there', () => {
  const held = new Set(HELD.map(({ move }) => move.verb));
  for (const move of MOVES)
    if (verbOf(move).marks && verbOf(move).fields['filmMm'] === undefined)
      expect([move.verb, held.has(move.verb)]).toEqual([move.verb, true]);
});

test('a handle drawn to where it is changes nothing but what rounding does', () => {
  for (const { move, id } of HELD) {
    const same = heldTo(move, id, at(move, id), face);
    for (const { id: other } of handlesOf(move, face))
      expect(far(at(same, other), at(move, other))).toBeLessThan(1);
  }
});

test('drawn, told in figures and drawn again: a handle lies where it was let go, or gives way toward it and stays', () => {
  const place = fc.tuple(fc.integer({ min: 5, max: 295 }), fc.integer({ min: 5, max: 195 }));
  fc.assert(
    fc.property(fc.constantFrom(...HELD), place, ({ move, id }, to) => {
      const once = heldTo(move, id, to, face);
      const twice = heldTo(once, id, to, face);
      expect(far(at(twice, id), at(once, id))).toBeLessThan(1.5);
      // Typed again from what it says, it is the same move.
      expect(JSON.parse(JSON.stringify(once))).toEqual(once);
      const { aim } = verbOf(once);
      const free = id.endsWith(' 0') && !('radiusMm' in (wayOf(once)?.path ?? {}));
      if (free) expect(far(at(once, id), to)).toBeLessThan(0.1);
      if (id === 'aim') {
        const arrow = aim!.of(once, face)!;
        const on = toward(arrow.fromMm, arrow.deg, far(arrow.fromMm, to));
        expect(far(on, to)).toBeLessThan(0.01 * far(arrow.fromMm, to) + 0.2);
      }
    }),
    { numRuns: 400 },
  );
});

test('turned four times by a quarter, and mirrored twice, a move is where it was', () => {
  for (const move of MOVES) {
    const round = [1, 2, 3, 4].reduce((m) => turnedMove(m, [150, 100], 90, face), move);
    const back = mirroredMove(mirroredMove(move, face), face);
    for (const { id, atMm } of handlesOf(move, face)) {
      expect(far(at(round, id), atMm)).toBeLessThan(0.5);
      expect(far(at(back, id), atMm)).toBeLessThan(0.5);
    }
  }
});

test('no two handles of one move go by the same name', () => {
  for (const move of MOVES) {
    const labels = handlesOf(move, face).map((h) => h.label);
    expect([move.verb, new Set(labels).size]).toEqual([move.verb, labels.length]);
  }
});
