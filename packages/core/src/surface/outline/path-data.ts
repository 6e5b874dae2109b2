import svgpath from 'svgpath';
import { inShortRuns } from './long-runs';
import type { Ring } from './ring';

/** Chords keep within this of a curve, mm. */
const TOLERANCE_MM = 0.05;

/**
 * SVG path data as rings, its numbers taken as mm: curves in chords, open ends closed, as a filled path is drawn.
 * A path that cannot be read to its end gives an Error saying where.
 * @param path data with every SVG command (SVG 1.1, section 8.3)
 * @param transforms SVG transforms to put it through first, the innermost first
 */
export function readPath(
  path: string,
  toleranceMm = TOLERANCE_MM,
  transforms: readonly string[] = [],
): Ring[] {
  const parsed = parse(inShortRuns(path));
  // Where it is at fault is told of the path as it was.
  const fault = parsed.err && (parse(path).err ?? parsed.err);
  if (fault) throw new Error(fault.replace(/^SvgPath: /, ''));
  const rings: number[][] = [];
  let ring: number[] = [];
  const end = () => {
    const last = ring.length - 2;
    if (last > 0 && ring[0] === ring[last] && ring[1] === ring[last + 1]) ring.length = last;
    if (ring.length >= 6) rings.push(ring);
    ring = [];
  };
  transforms
    .reduce((moved, transform) => moved.transform(transform), parsed)
    .abs()
    .unarc()
    .unshort()
    .iterate(([command, ...v], _, x, y) => {
      if (command === 'M') end();
      if (ring.length === 0 && command !== 'M' && command !== 'Z') ring.push(x, y);
      switch (command) {
        case 'M':
          ring.push(v[0]!, v[1]!);
          break;
        case 'L':
          add(ring, v[0]!, v[1]!);
          break;
        case 'H':
          add(ring, v[0]!, y);
          break;
        case 'V':
          add(ring, x, v[0]!);
          break;
        case 'Q':
          // A quadratic is the cubic with its handles two thirds of the way to the one control point.
          bend(
            ring,
            toleranceMm,
            x,
            y,
            x + (2 / 3) * (v[0]! - x),
            y + (2 / 3) * (v[1]! - y),
            v[2]! + (2 / 3) * (v[0]! - v[2]!),
            v[3]! + (2 / 3) * (v[1]! - v[3]!),
            v[2]!,
            v[3]!,
          );
          break;
        case 'C':
          bend(ring, toleranceMm, x, y, v[0]!, v[1]!, v[2]!, v[3]!, v[4]!, v[5]!);
          break;
        case 'Z':
          end();
      }
    });
  end();
  return rings;
}

const parse = (path: string) => svgpath(path) as ReturnType<typeof svgpath> & { err?: string };

function add(ring: number[], x: number, y: number): void {
  const last = ring.length - 2;
  if (ring[last] !== x || ring[last + 1] !== y) ring.push(x, y);
}

/** Fewest chords a curve is cut into: one that comes back to where it began still encloses something. */
const LEAST_CHORDS = 4;
/** Most chords one curve is cut into. */
const MOST_CHORDS = 256;

/** Chords of a cubic: n of them depart from it by at most ¾·d/n², d its largest second difference (Wang 1984). */
function bend(
  ring: number[],
  tolerance: number,
  x0: number,
  y0: number,
  x1: number,
  y1: number,
  x2: number,
  y2: number,
  x3: number,
  y3: number,
): void {
  const d = Math.max(
    Math.hypot(x0 - 2 * x1 + x2, y0 - 2 * y1 + y2),
    Math.hypot(x1 - 2 * x2 + x3, y1 - 2 * y2 + y3),
  );
  const n = Math.min(
    MOST_CHORDS,
    Math.max(LEAST_CHORDS, Math.ceil(Math.sqrt((0.75 * d) / tolerance))),
  );
  for (let i = 1; i <= n; i++) {
    const [t, s] = [i / n, 1 - i / n];
    const [a, b, c, e] = [s * s * s, 3 * s * s * t, 3 * s * t * t, t * t * t];
    add(ring, a * x0 + b * x1 + c * x2 + e * x3, a * y0 + b * y1 + c * y2 + e * y3);
  }
}
