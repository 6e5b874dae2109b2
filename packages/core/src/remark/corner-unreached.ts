import { shapeOf } from '../surface/measure';
import { directionWords, type Move, verbOf } from '../verb';
import { apartDeg } from './apart-deg';
import type { Finding, RemarkDefinition } from './evidence';

/** A tilt this far off its direction still carries paint to a corner, degrees. */
const REACHES_DEG = 50;
/** Fewer tilts than this are no stretching: the paint is meant to stay where it lies. */
const LEAST_TILTS = 2;

/** A corner no tilt goes toward, where the paint is carried to the corners by tilting. */
export const cornerUnreached: RemarkDefinition = {
  id: 'corner-unreached',
  see: ({ plan, outcome }) => {
    // What the preview has found bare is told by where it is.
    if (outcome) return [];
    const { reaches, bounds, reachName } = shapeOf(plan.surface.shape);
    const { widthMm, heightMm } = bounds(plan.surface.shape);
    return pieces(plan.moves).flatMap((moves): Finding[] => {
      const ways = moves.flatMap(({ move }) => verbOf(move).sheds?.(move) ?? []);
      const last = moves.filter(({ move }) => verbOf(move).sheds).at(-1);
      if (ways.length < LEAST_TILTS || !last) return [];
      const missed = reaches(plan.surface.shape)
        .map(([x, y]) => (Math.atan2(y - heightMm / 2, x - widthMm / 2) * 180) / Math.PI)
        .filter((deg) => ways.every((way) => apartDeg(way, deg) > REACHES_DEG));
      const [toward] = missed;
      if (toward === undefined) return [];
      const deg = Math.round(toward);
      return [
        {
          severity: 'may',
          about: `/moves/${last.at}`,
          message: `No tilt goes toward the ${directionWords(deg)}${missed.length > 1 ? `, nor to ${missed.length - 1} other ${reachName.many}` : ''}: paint may not get there.`,
          advice: 'Take it over that side too, and bring the weight back to the middle.',
          numbers: { missed: missed.length },
          fix: {
            label: `Tilt toward the ${directionWords(deg)} too`,
            patch: [
              {
                op: 'add',
                path: `/moves/${last.at}`,
                value: {
                  ...last.move,
                  id: freeId(plan.moves, 'tilt-more'),
                  towardDeg: deg,
                  own: true,
                },
              },
            ],
          },
        },
      ];
    });
  },
};

interface Placed {
  readonly move: Move;
  readonly at: number;
}

/** The moves of each piece that has moves of its own, and those of all. */
function pieces(moves: readonly Move[]): readonly (readonly Placed[])[] {
  const placed = moves.map((move, at) => ({ move, at }));
  const own = new Set(moves.flatMap((m) => (m.piece === undefined ? [] : [m.piece])));
  return own.size === 0
    ? [placed]
    : [...own].map((piece) => placed.filter(({ move }) => (move.piece ?? piece) === piece));
}

function freeId(moves: readonly Move[], wish: string): string {
  let id = wish;
  for (let n = 2; moves.some((m) => m.id === id); n++) id = `${wish}-${n}`;
  return id;
}
