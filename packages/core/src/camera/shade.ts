import type { Flat } from './flat';

/** Beside the piece there is room for its shade, as a share of its longer side. */
const MARGIN = 0.1;
/** The shade is drawn so small, px. */
const SHADE_PX = 200;
/** Light from a room's ceiling and walls softens it so far, as a share of the longer side: a standard deviation. */
const SOFT = 0.02;

/** How much a piece takes of the light beside it, 0 to 1: its outline, blurred. Places with the piece's middle at 0, 0 and its longer side 1. */
export function shadeOf(flat: Flat): (x: number, y: number) => number {
  const long = Math.max(flat.width, flat.height);
  const w = Math.round((SHADE_PX * flat.width) / long);
  const h = Math.round((SHADE_PX * flat.height) / long);
  const pad = Math.round(MARGIN * SHADE_PX);
  const [width, height] = [w + 2 * pad, h + 2 * pad];
  const lies = new Float32Array(width * height);
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++) {
      const fx = Math.floor(((x + 0.5) * flat.width) / w);
      const fy = Math.floor(((y + 0.5) * flat.height) / h);
      lies[(y + pad) * width + x + pad] = flat.rgba[4 * (fy * flat.width + fx) + 3]! / 255;
    }
  const bell = bellOf(SOFT * SHADE_PX);
  const along = blurred(lies, width, height, 1, width, bell);
  const shade = blurred(along, height, width, width, 1, bell);
  return (x, y) => {
    const px = Math.round((x + w / SHADE_PX / 2) * SHADE_PX + pad);
    const py = Math.round((y + h / SHADE_PX / 2) * SHADE_PX + pad);
    return px < 0 || py < 0 || px >= width || py >= height ? 0 : shade[py * width + px]!;
  };
}

/** A normal bell from its middle outward, of the sum 1 both ways. */
function bellOf(sd: number): readonly number[] {
  const half = Array.from({ length: Math.ceil(3 * sd) + 1 }, (_, i) =>
    Math.exp(-((i / sd) ** 2) / 2),
  );
  const sum = half.reduce((all, one, i) => all + (i === 0 ? one : 2 * one), 0);
  return half.map((one) => one / sum);
}

/** A field blurred one way: `many` lines of `length` values, each value `step` from the next and each line `line` from the next. */
function blurred(
  field: Float32Array,
  length: number,
  many: number,
  step: number,
  line: number,
  bell: readonly number[],
): Float32Array {
  const out = new Float32Array(field.length);
  for (let n = 0; n < many; n++)
    for (let i = 0; i < length; i++) {
      let sum = 0;
      for (let k = 1 - bell.length; k < bell.length; k++) {
        const at = i + k;
        if (at >= 0 && at < length) sum += bell[Math.abs(k)]! * field[n * line + at * step]!;
      }
      out[n * line + i * step] = sum;
    }
  return out;
}
