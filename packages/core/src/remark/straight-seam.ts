import { type Path, straightEnds } from '../surface/path';
import { type Move, verbOf, wayOf } from '../verb';
import type { Finding, RemarkDefinition } from './evidence';

/** Tracks nearer than this run into each other, mm (an estimate); nearer than the least they are one. */
const MEET_MM = 90;
const ONE_MM = 8;
/** Turned against each other by less than this they lie beside each other, degrees. */
const BESIDE_DEG = 15;
/** A way shaken by so much from side to side hides its seam, mm, a swing every so many mm (an estimate). */
const SWING_MM = 15;
const WAVE_MM = 60;

/** Two tracks an artist has laid straight beside each other: their seam is straight too (handbook 11). */
export const straightSeam: RemarkDefinition = {
  id: 'straight-seam',
  see: ({ plan }) => {
    const before: {
      readonly at: number;
      readonly piece: number | undefined;
      readonly ends: Ends;
    }[] = [];
    return plan.moves.flatMap((move, i): Finding[] => {
      const track = trackOf(move);
      if (!track) return [];
      const other = before.find((t) => t.piece === move.piece && beside(t.ends, track.ends));
      before.push({ at: i, piece: move.piece, ends: track.ends });
      if (!other) return [];
      const [fromMm, toMm] = track.ends;
      return [
        {
          severity: 'note',
          about: `/moves/${i}`,
          message: `Moves ${other.at + 1} and ${i + 1} lie straight beside each other: so will the seam where they meet.`,
          advice: 'Shake one of them from side to side, and turn its corners off the edge.',
          numbers: { move: i + 1, other: other.at + 1 },
          fix: {
            label: 'Shake the second',
            patch: [
              {
                op: 'replace',
                path: `/moves/${i}/${track.name}`,
                value: {
                  kind: 'wiggle',
                  fromMm,
                  toMm,
                  swingMm: SWING_MM,
                  waveMm: WAVE_MM,
                } satisfies Path,
              },
            ],
          },
        },
      ];
    });
  },
};

type Ends = NonNullable<ReturnType<typeof straightEnds>>;

/** The straight track a move of the artist's own lays out of a cup; what a technique writes it means. */
function trackOf(move: Move): { readonly name: string; readonly ends: Ends } | undefined {
  const way = move.own && verbOf(move).empties ? wayOf(move) : undefined;
  const ends = way && straightEnds(way.path);
  return way && ends && { name: way.name, ends };
}

function beside([a, b]: Ends, [c, d]: Ends): boolean {
  const long = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
  const [ux, uy] = [(b[0] - a[0]) / long, (b[1] - a[1]) / long];
  const other = Math.hypot(d[0] - c[0], d[1] - c[1]) || 1;
  const cos = Math.abs(((d[0] - c[0]) * ux + (d[1] - c[1]) * uy) / other);
  if (cos < Math.cos((BESIDE_DEG * Math.PI) / 180)) return false;
  const [mx, my] = [(c[0] + d[0]) / 2 - a[0], (c[1] + d[1]) / 2 - a[1]];
  const off = Math.abs(mx * -uy + my * ux);
  const along = mx * ux + my * uy;
  // Side by side for some of their length at least.
  return off > ONE_MM && off < MEET_MM && along > -other / 2 && along < long + other / 2;
}
