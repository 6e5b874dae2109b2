import type { Point } from './path';

/** Something a place on the surface is drawn to: a line across it, at one x or y, or a place. */
export type Magnet =
  | { readonly name: string; readonly x: number }
  | { readonly name: string; readonly y: number }
  | { readonly name: string; readonly atMm: Point };

export interface Snapped {
  readonly atMm: Point;
  /** What it has been drawn to: one place, or a line across and one down. */
  readonly to: readonly Magnet[];
}

/** The middle and the thirds of a face, and its corners. */
export function magnetsOf(
  { widthMm, heightMm }: { readonly widthMm: number; readonly heightMm: number },
  corners: readonly Point[],
): readonly Magnet[] {
  return [
    { name: 'the middle', x: widthMm / 2 },
    { name: 'the middle', y: heightMm / 2 },
    ...[1, 2].flatMap((k): Magnet[] => [
      { name: 'a third', x: (k * widthMm) / 3 },
      { name: 'a third', y: (k * heightMm) / 3 },
    ]),
    ...corners.map((atMm): Magnet => ({ name: 'a corner', atMm })),
  ];
}

/** A place, drawn to the nearest magnet within reach: a place before lines, and of lines one across and one down. */
export function snap(at: Point, magnets: readonly Magnet[], withinMm: number): Snapped {
  const off = (m: Magnet): number =>
    'atMm' in m
      ? Math.hypot(m.atMm[0] - at[0], m.atMm[1] - at[1])
      : Math.abs('x' in m ? m.x - at[0] : m.y - at[1]);
  const near = [...magnets].filter((m) => off(m) <= withinMm).sort((a, b) => off(a) - off(b));
  const place = near.find((m) => 'atMm' in m);
  if (place && 'atMm' in place) return { atMm: place.atMm, to: [place] };
  const across = near.find((m) => 'x' in m);
  const down = near.find((m) => 'y' in m);
  return {
    atMm: [across && 'x' in across ? across.x : at[0], down && 'y' in down ? down.y : at[1]],
    to: [across, down].filter((m) => m !== undefined),
  };
}
