import type { Places } from './course';
import type { PaintCell } from './paint-cell';
import { lengthOf } from './stretch';

/** So many squares a place, each way. */
const FINE = 8;

/** Which squares of a piece lie within a cell: most places tried for another do, and need not be looked at closer. */
export function takenSquares({ pitchMm, across, down }: Places) {
  const side = pitchMm / FINE;
  const [width, height] = [across * FINE, down * FINE];
  const taken = new Uint8Array(width * height);
  const squareOf = (mm: number) => Math.floor(mm / side);
  return {
    isTaken: (x: number, y: number): boolean => {
      const [sx, sy] = [squareOf(x), squareOf(y)];
      return sx >= 0 && sy >= 0 && sx < width && sy < height && taken[sy * width + sx] === 1;
    },
    take: ({ atMm: [x, y], reachMm, toRound }: PaintCell): void => {
      for (
        let sy = Math.max(0, squareOf(y - reachMm));
        sy <= Math.min(height - 1, squareOf(y + reachMm));
        sy++
      )
        for (
          let sx = Math.max(0, squareOf(x - reachMm));
          sx <= Math.min(width - 1, squareOf(x + reachMm));
          sx++
        )
          if (lengthOf(toRound, (sx + 0.5) * side - x, (sy + 0.5) * side - y) < 1)
            taken[sy * width + sx] = 1;
    },
  };
}
