import { encode, LINEAR } from '../optics/srgb';
import { chance } from './chance';
import type { Flat } from './flat';
import { shadeOf } from './shade';
import type { Shot } from './shot';
import { standing } from './standing';

/** Looks between the pixels of the sensor, two each way. */
const SAMPLES = [0.25, 0.75] as const;

/**
 * What falls on the sensor, noise and all; its lens is left sharp: who has the picture blurs it by `shot.blurPx`. It shares no idea with what reads
 * photographs: that is judged by what this takes.
 */
export function exposed(flat: Flat, shot: Shot): Flat {
  const { width, height, cast, table, seed, nth = 0 } = shot;
  const { eye, right, down, ahead, lens } = standing(shot);
  const random = chance(seed + 2 * nth);
  const grain = chance(seed + 2 * nth + 1);
  const long = Math.max(flat.width, flat.height);
  const shadeAt = shadeOf(flat);
  const linear = linearOf(flat);
  const rgba = new Uint8ClampedArray(4 * width * height);
  const [waySin, wayCos] = [Math.sin(shot.dimWay), Math.cos(shot.dimWay)];
  const seen = new Float64Array(4);
  const sum = new Float64Array(3);
  for (let py = 0; py < height; py++)
    for (let px = 0; px < width; px++) {
      sum.fill(0);
      for (const sx of SAMPLES)
        for (const sy of SAMPLES) {
          const dx = ((px + sx) / width - 0.5 - shot.offX) / lens;
          const dy = ((py + sy - height / 2) / width - shot.offY) / lens;
          // Down to the table along the ray.
          const t = -eye[2] / (ahead[2] + right[2] * dx + down[2] * dy);
          const x = eye[0] + t * (ahead[0] + right[0] * dx + down[0] * dy);
          const y = eye[1] + t * (ahead[1] + right[1] * dx + down[1] * dy);
          look(
            flat,
            linear,
            flat.width / 2 + x * long - 0.5,
            flat.height / 2 + y * long - 0.5,
            seen,
          );
          const alpha = seen[3]!;
          // The table has a grain of its own; beside the piece it is darker, in its shade.
          const wood = alpha < 1 ? 1 + 0.05 * Math.sin(60 * y + 3 * Math.sin(7 * x + seed)) : 1;
          const bare = (1 - alpha) * (1 - 0.7 * shadeAt(x, y)) * wood;
          const light = Math.max(
            0.15,
            1 - shot.dim * (0.5 + 0.5 * ((x * wayCos + y * waySin) / 0.7)),
          );
          const window =
            shot.gloss === 0
              ? 0
              : shot.gloss *
                alpha *
                Math.exp(-(((x + 0.22) / 0.16) ** 2) - ((y + 0.2) / 0.05) ** 2);
          for (let c = 0; c < 3; c++)
            sum[c] = sum[c]! + (seen[c]! + bare * table[c]!) * light * cast[c]! + window;
        }
      const i = 4 * (py * width + px);
      const noise = shot.noise * (grain() + grain() + grain() - 1.5);
      for (let c = 0; c < 3; c++) {
        const odd = c === 1 ? shot.noise * (random() - 0.5) : 0;
        rgba[i + c] = 255 * encode(Math.min(1, sum[c]! / 4)) + noise + odd;
      }
      rgba[i + 3] = 255;
    }
  return { width, height, rgba };
}

/** A picture in linear light, each colour times its alpha, with the alpha: four numbers a pixel. */
function linearOf({ width, height, rgba }: Flat): Float32Array {
  const linear = new Float32Array(4 * width * height);
  for (let i = 0; i < linear.length; i += 4) {
    const alpha = rgba[i + 3]! / 255;
    for (let c = 0; c < 3; c++) linear[i + c] = alpha * LINEAR[rgba[i + c]!]!;
    linear[i + 3] = alpha;
  }
  return linear;
}

/** Adds what a picture shows at a place of it, in pixels, between pixels by the four round it. */
function look(
  { width, height }: Flat,
  linear: Float32Array,
  x: number,
  y: number,
  into: Float64Array,
): void {
  into.fill(0);
  const [x0, y0] = [Math.floor(x), Math.floor(y)];
  for (let k = 0; k < 4; k++) {
    const [px, py] = [x0 + (k & 1), y0 + (k >> 1)];
    if (px < 0 || py < 0 || px >= width || py >= height) continue;
    const share = (k & 1 ? x - x0 : 1 - x + x0) * (k >> 1 ? y - y0 : 1 - y + y0);
    const i = 4 * (py * width + px);
    for (let c = 0; c < 4; c++) into[c] = into[c]! + share * linear[i + c]!;
  }
}
