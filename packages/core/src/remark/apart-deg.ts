/** How far two directions lie apart, degrees, 0 to 180. */
export const apartDeg = (a: number, b: number): number =>
  Math.abs(((((a - b) % 360) + 540) % 360) - 180);
