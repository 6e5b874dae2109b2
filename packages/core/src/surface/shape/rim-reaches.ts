/**
 * Six places round the rim of an oval of these diameters, clockwise: objects without corners are taken round the sides
 * (handbook 6, common practice).
 */
export const rimReaches = (widthMm: number, heightMm: number): [number, number][] =>
  [30, 90, 150, 210, 270, 330].map((deg) => {
    const a = (deg * Math.PI) / 180;
    return [(widthMm / 2) * (1 + Math.cos(a)), (heightMm / 2) * (1 + Math.sin(a))];
  });
