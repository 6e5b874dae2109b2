import { along, lengthOfLine, type Point } from '../surface/path';

/** As many spots as a way may hold. */
const MOST_SPOTS = 400;

/**
 * Places so far apart along strokes, from where each begins.
 * @param closed a stroke comes back to where it began: its spots share its length evenly, and none lies on the first
 */
export function spotsOn(
  strokes: readonly (readonly Point[])[],
  apartMm: number,
  { closed = false } = {},
): Point[] {
  const spots = strokes.flatMap((line) => {
    const whole = lengthOfLine(line);
    const at = along(line);
    if (closed) {
      const count = Math.min(MOST_SPOTS, Math.max(1, Math.round(whole / apartMm)));
      return Array.from({ length: count }, (_, n) => at(n / count));
    }
    const steps = Math.min(MOST_SPOTS, Math.floor(whole / apartMm + 1e-9));
    return Array.from({ length: steps + 1 }, (_, n) => at(whole > 0 ? (n * apartMm) / whole : 0));
  });
  return spots.slice(0, MOST_SPOTS);
}
