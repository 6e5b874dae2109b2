import type { Point } from '../../surface/path';
import { arcPoints, type MarkDefinition, type Stroke, toward } from './define';

/** Air from a mouth: a fan from a place outward. */
export interface FanMark {
  readonly kind: 'fan';
  readonly fromMm: Point;
  readonly towardDeg: number;
  readonly reachMm: number;
  readonly spreadDeg: number;
}

const RAYS = 3;
/** Share of its reach at which the number stands. */
const NUMBER_AT = 0.6;

function rays({ fromMm, towardDeg, reachMm, spreadDeg }: FanMark): Stroke[] {
  return Array.from({ length: RAYS }, (_, i): Stroke => {
    const deg = towardDeg + spreadDeg * (i / (RAYS - 1) - 0.5);
    return {
      points: [toward(fromMm, deg, 0.25 * reachMm), toward(fromMm, deg, reachMm)],
      arrow: true,
    };
  });
}

export const fan: MarkDefinition<FanMark> = {
  id: 'fan',
  strokes: (mark) => [
    ...rays(mark),
    {
      points: arcPoints(
        mark.fromMm,
        0.25 * mark.reachMm,
        mark.towardDeg - mark.spreadDeg / 2,
        mark.spreadDeg,
      ),
    },
  ],
  hint: (mark) => rays(mark).slice(1, 2),
  // Out along it: breaths begin close together and part.
  at: ({ fromMm, towardDeg, reachMm }) => toward(fromMm, towardDeg, NUMBER_AT * reachMm),
  numbered: true,
  printed: true,
};
