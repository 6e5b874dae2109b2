import { shapeOf } from '../surface/measure';
import { withinMm } from '../surface/outline/edge-distance';
import { carriedPath, type Path, strokesOf } from '../surface/path';
import { verbOf, wayOf } from '../verb';
import type { Evidence, Finding, RemarkDefinition } from './evidence';

/** Shares of its size a way is drawn in to, until it is clear of the edge. */
const DRAWN_IN = [0.95, 0.9, 0.85, 0.8, 0.7, 0.6, 0.5] as const;
/** Points a way is tried at. */
const TRIED = 60;

/** Something laid so near to the edge that it sticks there. */
export const activatorAtEdge: RemarkDefinition = {
  id: 'activator-at-edge',
  see: ({ plan }) =>
    plan.moves.flatMap((move, i): Finding[] => {
      const { sticksWithinMm: least, title } = verbOf(move);
      const way = wayOf(move);
      if (least === undefined || !way || clearOf(plan.surface, way.path) >= least) return [];
      const clear = DRAWN_IN.map((by) => drawnIn(plan.surface, way.path, by)).find(
        (path) => clearOf(plan.surface, path) >= least,
      );
      return [
        {
          severity: 'may',
          about: `/moves/${i}`,
          message: `Move ${i + 1} goes to the very edge: there activator sticks and leaves a dull rim.`,
          advice: `Leave ${least} mm, and redo what sticks with a card.`,
          numbers: { move: i + 1, leastMm: least },
          ...(clear
            ? {
                fix: {
                  label: `${title} clear of the edge`,
                  patch: [
                    { op: 'replace', path: `/moves/${i}/${way.name}`, value: clear },
                    { op: 'add', path: `/moves/${i}/own`, value: true },
                  ],
                },
              }
            : {}),
        },
      ];
    }),
};

/** How clear of the edge a way stays, mm. */
function clearOf({ shape }: Evidence['plan']['surface'], path: Path): number {
  const rings = shapeOf(shape).rings(shape);
  return Math.min(
    ...strokesOf(path).flatMap((line) =>
      line
        .filter((_, k) => k % Math.ceil(line.length / TRIED) === 0 || k === line.length - 1)
        .map(([x, y]) => withinMm(rings, x, y)),
    ),
  );
}

/** A way drawn in toward the middle of the face. */
function drawnIn({ shape }: Evidence['plan']['surface'], path: Path, by: number): Path {
  const [mx, my] = shapeOf(shape).spots(shape, 1)[0]!;
  const whole = (mm: number) => Math.round(mm);
  return carriedPath(path, {
    place: ([x, y]) => [whole(mx + (x - mx) * by), whole(my + (y - my) * by)],
    length: (mm) => mm * by,
    volume: (ml) => ml,
  });
}
