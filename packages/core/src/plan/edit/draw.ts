import { shapeOf } from '../../surface/measure';
import { apart, type Path, type Point, pathShapeOf } from '../../surface/path';
import {
  cupsOf,
  handlesOf,
  heldTo,
  isPuddle,
  mirroredMove,
  type Move,
  type Puddle,
  referencesOf,
  spellsOf,
  TIP,
  turnedMove,
  verbOf,
  wayOf,
} from '../../verb';
import type { Plan } from '../document/schema';
import { freeId } from './list';
import { moveMove, setMove } from './moves';
import { potsFor } from './pots';

const faceOf = ({ surface: { shape } }: Plan) => {
  const { bounds, spots } = shapeOf(shape);
  return { ...bounds(shape), middle: spots(shape, 1)[0]! };
};

/** Puts copies of a move after it, as its artist's own; those that pour take cups nothing pours yet, as far as there are any. */
function withCopies(plan: Plan, index: number, copies: readonly Move[]): Plan {
  const ids = plan.moves.map((m) => m.id);
  const poured = new Set(plan.moves.flatMap(cupsOf));
  const free = plan.cups.map((c) => c.id).filter((id) => !poured.has(id));
  const own = copies.map((copy): Move => {
    const id = freeId(copy.verb, ids);
    ids.push(id);
    const cup = verbOf(copy).empties && cupsOf(copy).length === 1 ? free.shift() : undefined;
    const { with: _, ...alone } = copy;
    return { ...(cup === undefined ? alone : pouring(alone as Move, cup)), id, own: true } as Move;
  });
  const moves = [...plan.moves.slice(0, index + 1), ...own, ...plan.moves.slice(index + 1)];
  return potsFor({ ...plan, moves }, plan);
}

/** A move that pours one cup, pouring another. */
function pouring(move: Move, cup: string): Move {
  const [named] = referencesOf(move).filter(({ to }) => to === 'cup');
  const [field, k] = named!.at.split('/').slice(1);
  return { ...move, [field!]: k === undefined ? cup : [cup] } as Move;
}

/** The move once more, after it. */
export const doubleMove = (plan: Plan, index: number): Plan =>
  plan.moves[index] ? withCopies(plan, index, [plan.moves[index]]) : plan;

/** The move once more on the other side of the face, left for right. */
export const mirrorMove = (plan: Plan, index: number): Plan =>
  plan.moves[index]
    ? withCopies(plan, index, [mirroredMove(plan.moves[index], faceOf(plan))])
    : plan;

/**
 * Has a move done so many times in all, evenly round the middle of the face. A way is done so as one move, for what is poured along it is one
 * stream; anything else is as many moves.
 */
export function repeatRound(plan: Plan, index: number, times: number): Plan {
  const move = plan.moves[index];
  const face = faceOf(plan);
  if (!move || times < 2) return plan;
  const way = wayOf(move);
  if (way)
    return setMove(plan, index, (m) =>
      withWay(m, way.name, { ...way.path, repeat: { n: times, aboutMm: face.middle } }),
    );
  return withCopies(
    plan,
    index,
    Array.from({ length: times - 1 }, (_, k) =>
      turnedMove(move, face.middle, (360 * (k + 1)) / times, face),
    ),
  );
}

const withWay = (move: Move, name: string, path: Path): Move => ({ ...move, [name]: path }) as Move;

/** Puddles whose amounts differ by less than this, as a share, were not told apart by anybody. */
const ALIKE = 0.02;

/**
 * One puddle more, after a puddle, of the same cups, at a place; none where these are empty. What these hold is shared evenly over all puddles of them in a row, the last
 * taking what is left; where somebody has said how much each holds, it is what the last held that is shared.
 * @param heldMl what a move takes of its cups now, mL, all pieces together
 */
export function addPuddle(
  plan: Plan,
  index: number,
  atMm: Point,
  heldMl: (move: Move) => number,
): Plan {
  const last = plan.moves[index];
  if (!last || !isPuddle(last)) return plan;
  const { with: _, ml: _all, ...once } = last;
  const id = freeId(
    last.verb,
    plan.moves.map((m) => m.id),
  );
  const more = { ...once, atMm: [...atMm], id, own: true } as Move;
  let from = index;
  while (from > 0 && sameCups(plan.moves[from - 1]!, last)) from--;
  const row = plan.moves.slice(from, index + 1);
  const holds = row.map(heldMl);
  const whole = holds.reduce((sum, ml) => sum + ml, 0);
  const even = holds.every((ml) => Math.abs(ml * row.length - whole) <= ALIKE * whole);
  const shared = even ? row.map(() => whole / (row.length + 1)) : [...holds];
  if (!even) shared[row.length - 1] = shared.at(-1)! / 2;
  // Of empty cups there is nothing to share.
  if (whole <= 0) return plan;
  const loads = loadsOf(plan, last);
  const puddles = row.map((move, k) => ({ ...move, ml: tenthMl(shared[k]! / loads) }) as Move);
  return {
    ...plan,
    moves: [...plan.moves.slice(0, from), ...puddles, more, ...plan.moves.slice(index + 1)],
  };
}

/** How many loadings of a cup a puddle takes from: of each of its cups one a piece. */
export const loadsOf = ({ surface }: Plan, { cups, piece }: Puddle): number =>
  cups.length * (piece === undefined ? surface.pieces : 1);

const tenthMl = (ml: number): number => Math.max(0.5, Math.round(10 * ml) / 10);

const sameCups = (move: Move, as: Puddle): boolean =>
  move.verb === as.verb && isPuddle(move) && move.cups.join() === as.cups.join();

/** Turns a move about the middle so that it goes toward the nearest corner. */
export function turnToCorner(plan: Plan, index: number): Plan {
  const move = plan.moves[index];
  const face = faceOf(plan);
  const toward = move && directionOf(move, face);
  if (!move || toward === undefined) return plan;
  const off = (at: Point) => ((((degFrom(face.middle, at) - toward) % 360) + 540) % 360) - 180;
  const [nearest] = shapeOf(plan.surface.shape)
    .reaches(plan.surface.shape)
    .map(off)
    .sort((a, b) => Math.abs(a) - Math.abs(b));
  return nearest === undefined
    ? plan
    : setMove(plan, index, (m) => turnedMove(m, face.middle, nearest, face));
}

const degFrom = ([cx, cy]: Point, [x, y]: Point): number =>
  (Math.atan2(y - cy, x - cx) * 180) / Math.PI;

/** Which way a move goes, seen from the middle: its arrow, else where its farthest handle lies. */
function directionOf(
  move: Move,
  face: { readonly widthMm: number; readonly heightMm: number; readonly middle: Point },
): number | undefined {
  const arrow = verbOf(move).aim?.of(move, face);
  if (arrow) return arrow.deg;
  const out = ({ atMm: [x, y] }: { readonly atMm: Point }) =>
    Math.hypot(x - face.middle[0], y - face.middle[1]);
  const [far] = [...handlesOf(move, face)].sort((a, b) => out(b) - out(a));
  return far && degFrom(face.middle, far.atMm);
}

/** A move whose way is the one nearest to what a finger drew, of the kind it was. */
function drawnWay(move: Move, drawn: readonly Point[]): Move {
  const way = wayOf(move);
  return way ? withWay(move, way.name, pathShapeOf(way.path).fitted(drawn)) : move;
}

/** A finger that ends this near a corner meant it, as a share of the shorter side. */
const AT_CORNER = 0.2;

/**
 * A move as a finger drew it: its way; else its arrow, from the part of the picture the finger came down on toward where it was lifted, a corner
 * where that is near. A tilt drawn so takes that part over that corner; a breath begins where the finger did and reaches as far.
 */
export function drawnMove(plan: Plan, index: number, drawn: readonly Point[]): Plan {
  const move = plan.moves[index];
  const [from, to] = [drawn[0], drawn.at(-1)];
  if (!move || !from || !to) return plan;
  if (wayOf(move)) return setMove(plan, index, (m) => drawnWay(m, drawn));
  const face = faceOf(plan);
  const { aim } = verbOf(move);
  const arrow = aim?.of(move, face);
  if (!aim || !arrow) return plan;
  const near = AT_CORNER * Math.min(face.widthMm, face.heightMm);
  const corner = shapeOf(plan.surface.shape)
    .reaches(plan.surface.shape)
    .find((at) => apart(at, to) <= near);
  const deg = Math.round(degFrom(from, corner ?? to));
  // One that begins at a place of its own begins there now.
  const begins = handlesOf(move, face).find(({ id }) => id.endsWith(' 0'));
  return setMove(plan, index, (m) =>
    begins
      ? heldTo(heldTo(m, begins.id, from, face), TIP, corner ?? to, face)
      : ({ ...m, ...aim.to(m, deg, arrow.mm) } as Move),
  );
}

/** Has a move done before those of its kind that come in one go with it. */
export function doFirst(
  plan: Plan,
  index: number,
): { readonly plan: Plan; readonly index: number } {
  const spell = spellsOf(plan.moves).find(
    ({ from, count }) => index >= from && index < from + count,
  );
  return spell && spell.from < index
    ? { plan: moveMove(plan, index, spell.from), index: spell.from }
    : { plan, index };
}
