import type { Ring } from '../outline/ring';

/** Chords an ellipse is cut into: within 0.02 % of its area. */
const CHORDS = 180;

/** An ellipse of these diameters in chords, its bounds starting at `left`, `top`. */
export const ellipseRing = (widthMm: number, heightMm: number, left = 0, top = 0): Ring =>
  Array.from({ length: 2 * CHORDS }, (_, i) => {
    const a = (Math.floor(i / 2) * 2 * Math.PI) / CHORDS;
    return i % 2 === 0
      ? left + (widthMm / 2) * (1 + Math.cos(a))
      : top + (heightMm / 2) * (1 + Math.sin(a));
  });

/** The same as SVG path data. */
export const ellipsePath = (widthMm: number, heightMm: number, left = 0, top = 0): string => {
  const [rx, ry] = [widthMm / 2, heightMm / 2];
  const y = top + ry;
  return `M${left} ${y}A${rx} ${ry} 0 1 1 ${left + widthMm} ${y}A${rx} ${ry} 0 1 1 ${left} ${y}Z`;
};
