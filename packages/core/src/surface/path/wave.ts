import { Type } from '@sinclair/typebox';
import { apart, between, type Carry, type Point, type Size } from './define';
import { endsOf, swingsOf } from './drawn';
import { Place } from './parts';

/** No hand swings shorter than this, mm. */
const LEAST_WAVE_MM = 2;
/** Nor farther to a side, mm. */
export const MOST_SWING_MM = 2000;

/** What paths that swing to both sides of a line have in common: how far out they swing, and how long a swing is. */
export interface Wave {
  fromMm: Point;
  toMm: Point;
  /** From the line to the farthest of a swing; the first is to the left as one goes, below 0 to the right. */
  swingMm: number;
  /** Along the line, from one swing to the next of the same side. */
  waveMm: number;
}

/** From one side of a face to the other. */
const acrossFace = ({ widthMm, heightMm }: Size): Wave => ({
  fromMm: [0.1 * widthMm, heightMm / 2],
  toMm: [0.9 * widthMm, heightMm / 2],
  swingMm: Math.round(heightMm / 8),
  waveMm: Math.max(2, Math.round(widthMm / 6)),
});

/** The place so far along the line and so far to its left, as one goes (y down: the left is up on a way to the right). */
export function beside({ fromMm, toMm }: Wave, share: number, leftMm: number): Point {
  const long = apart(fromMm, toMm) || 1;
  const [x, y] = between(fromMm, toMm, share);
  return [x + ((toMm[1] - fromMm[1]) / long) * leftMm, y - ((toMm[0] - fromMm[0]) / long) * leftMm];
}

/** Both ends, and the top of the first swing. */
const waveHandles = (wave: Wave): readonly Point[] => [
  wave.fromMm,
  wave.toMm,
  beside(wave, Math.min(1, wave.waveMm / 4 / (apart(wave.fromMm, wave.toMm) || 1)), wave.swingMm),
];

export function waveMoved<W extends Wave>(wave: W, handle: number, to: Point): W {
  if (handle === 0) return { ...wave, fromMm: to };
  if (handle === 1) return { ...wave, toMm: to };
  const [[ax, ay], [bx, by]] = [wave.fromMm, wave.toMm];
  const long = apart(wave.fromMm, wave.toMm) || 1;
  // How far the place lies to the left of the line.
  return { ...wave, swingMm: ((by - ay) * (to[0] - ax) - (bx - ax) * (to[1] - ay)) / long };
}

/** The same wave on another face; no shorter than a hand can swing. */
const waveCarried = <W extends Wave>(wave: W, { place, length }: Carry): W => ({
  ...wave,
  fromMm: place(wave.fromMm),
  toMm: place(wave.toMm),
  swingMm: length(wave.swingMm),
  waveMm: Math.max(LEAST_WAVE_MM, length(wave.waveMm)),
});

/** All that paths of waves have in common but how they swing. */
export const ofWaves = <K extends string>(kind: K) => ({
  id: kind,
  schema: Type.Object(
    {
      kind: Type.Literal(kind),
      fromMm: Place,
      toMm: Place,
      swingMm: Type.Number({ minimum: -MOST_SWING_MM, maximum: MOST_SWING_MM }),
      waveMm: Type.Number({ minimum: LEAST_WAVE_MM, maximum: 5000 }),
    },
    { additionalProperties: false },
  ),
  numbers: {
    swingMm: {
      label: 'Swing, to the left first',
      min: -MOST_SWING_MM,
      max: MOST_SWING_MM,
      unit: 'mm',
    },
    waveMm: { label: 'From swing to swing', min: LEAST_WAVE_MM, max: 5000, unit: 'mm' },
  } as const,
  start: (size: Size) => ({ kind, ...acrossFace(size) }),
  places: () => ['Begins', 'Ends'],
  handles: waveHandles,
  moved: waveMoved,
  fitted: (drawn: readonly Point[]) => {
    const [fromMm, toMm] = endsOf(drawn);
    const { swingMm, waveMm } = swingsOf(drawn);
    return { kind, fromMm, toMm, swingMm, waveMm: Math.max(LEAST_WAVE_MM, waveMm) };
  },
  carried: waveCarried,
});
