import { type Face, type MarkDefinition, middleOf, toward, unitOf } from './define';

/** The whole piece goes down toward a side. */
export interface WedgeMark {
  readonly kind: 'wedge';
  readonly towardDeg: number;
}

/** From the middle to the edge of the bounding box in a direction. */
function farMm({ widthMm, heightMm }: Face, deg: number): number {
  const a = (deg * Math.PI) / 180;
  const [dx, dy] = [Math.abs(Math.cos(a)), Math.abs(Math.sin(a))];
  return Math.min(
    dx > 1e-6 ? widthMm / 2 / dx : Infinity,
    dy > 1e-6 ? heightMm / 2 / dy : Infinity,
  );
}

export const wedge: MarkDefinition<WedgeMark> = {
  id: 'wedge',
  strokes: ({ towardDeg }, face) => {
    const [middle, u] = [middleOf(face), unitOf(face)];
    const tip = farMm(face, towardDeg) - 0.5 * u;
    return [
      {
        points: [
          toward(middle, towardDeg, 2 * u),
          toward(middle, towardDeg, tip, 1.2 * u),
          toward(middle, towardDeg, tip, -1.2 * u),
        ],
        closed: true,
        filled: true,
      },
    ];
  },
  // All tilts at once would be a rosette: a short stroke at the edge.
  hint: ({ towardDeg }, face) => {
    const [middle, u, far] = [middleOf(face), unitOf(face), farMm(face, towardDeg)];
    return [
      {
        points: [
          toward(middle, towardDeg, far - 1.5 * u),
          toward(middle, towardDeg, far - 0.5 * u),
        ],
      },
    ];
  },
  at: ({ towardDeg }, face) =>
    toward(middleOf(face), towardDeg, farMm(face, towardDeg) - 1.5 * unitOf(face)),
  numbered: false,
  printed: false,
};
