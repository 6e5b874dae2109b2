/**
 * A camera for the demo's photographs: it looks down on a piece that lies on a table, a little aslant, in uneven light of some colour, through a lens
 * that is not quite sharp, onto a sensor that is noisy. It shares nothing with what reads photographs: that is judged by what this one takes.
 */
import sharp from 'sharp';

/** A picture with its alpha, four bytes a pixel in rows from the top. */
export interface Flat {
  readonly width: number;
  readonly height: number;
  readonly rgba: Uint8ClampedArray;
}

export interface Shot {
  /** The photograph's size, px. */
  readonly width: number;
  readonly height: number;
  /** How far the camera leans to the right and towards its foot, and how it is turned, radians. */
  readonly leanX: number;
  readonly leanY: number;
  readonly turn: number;
  /** How many times the piece's longer side it stands away, and how much of the photograph's width that side takes. */
  readonly away: number;
  readonly fills: number;
  /** Where on the photograph the piece's middle falls, beside its own middle, as shares of its width. */
  readonly offX: number;
  readonly offY: number;
  /** Of each channel, linear. */
  readonly cast: readonly [number, number, number];
  /** How much dimmer the dim side is, and which way it lies, radians. */
  readonly dim: number;
  readonly dimWay: number;
  /** Of the lens, px; of the sensor, of 255. */
  readonly blurPx: number;
  readonly noise: number;
  readonly table: readonly [number, number, number];
  /** Still wet or coated: a window shines in it. */
  readonly gloss: number;
  readonly seed: number;
}

/** A generator of its own (mulberry32), 0 to 1. */
export function chance(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

const toLinear = (byte: number): number => {
  const v = byte / 255;
  return v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4;
};
const toByte = (v: number): number =>
  255 * (v <= 0.0031308 ? 12.92 * v : 1.055 * Math.max(0, v) ** (1 / 2.4) - 0.055);

type Vec = readonly [number, number, number];

/** A pinhole's axes: to the right, down and ahead, after leaning and turning. */
function axes({ leanX, leanY, turn }: Shot): {
  readonly right: Vec;
  readonly down: Vec;
  readonly ahead: Vec;
} {
  const [cx, sx, cy, sy, ct, st] = [
    Math.cos(leanX),
    Math.sin(leanX),
    Math.cos(leanY),
    Math.sin(leanY),
    Math.cos(turn),
    Math.sin(turn),
  ];
  const ahead: Vec = [sx * cy, sy, -cx * cy];
  const flatRight: Vec = [cx, 0, sx];
  const flatDown: Vec = [
    flatRight[1] * ahead[2] - flatRight[2] * ahead[1],
    flatRight[2] * ahead[0] - flatRight[0] * ahead[2],
    flatRight[0] * ahead[1] - flatRight[1] * ahead[0],
  ];
  const mix = (a: Vec, b: Vec, p: number, q: number): Vec => [
    a[0] * p + b[0] * q,
    a[1] * p + b[1] * q,
    a[2] * p + b[2] * q,
  ];
  return {
    right: mix(flatRight, flatDown, ct, st),
    down: mix(flatRight, flatDown, -st, ct),
    ahead,
  };
}

/** Where the camera stands over a flat piece of a size whose longer side is 1, and how long its lens is, in photograph widths. */
function standing(shot: Shot) {
  const { right, down, ahead } = axes(shot);
  const eye: Vec = [-ahead[0] * shot.away, -ahead[1] * shot.away, -ahead[2] * shot.away];
  return { eye, right, down, ahead, lens: shot.fills * shot.away };
}

/** Where on the photograph a place on the piece falls, px; the middle of the piece is 0, 0, its longer side 1. */
export function onPhotograph(shot: Shot, x: number, y: number): readonly [number, number] {
  const { eye, right, down, ahead, lens } = standing(shot);
  const to: Vec = [x - eye[0], y - eye[1], -eye[2]];
  const dot = (a: Vec, b: Vec) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
  const depth = dot(to, ahead);
  return [
    shot.width * (0.5 + shot.offX + (lens * dot(to, right)) / depth),
    shot.height / 2 + shot.width * (shot.offY + (lens * dot(to, down)) / depth),
  ];
}

/** A picture in linear light, each colour times its alpha, with the alpha: four numbers a pixel. */
function linearOf({ width, height, rgba }: Flat): Float32Array {
  const bytes = Float32Array.from({ length: 256 }, (_, byte) => toLinear(byte));
  const linear = new Float32Array(4 * width * height);
  for (let i = 0; i < linear.length; i += 4) {
    const alpha = rgba[i + 3]! / 255;
    for (let c = 0; c < 3; c++) linear[i + c] = alpha * bytes[rgba[i + c]!]!;
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

/** Looks between the pixels of the sensor, two each way. */
const SAMPLES = [0.25, 0.75] as const;

/** Takes the photograph, as JPEG. */
export async function photograph(flat: Flat, shot: Shot, quality = 82): Promise<Buffer> {
  const { width, height, cast, table } = shot;
  const { eye, right, down, ahead, lens } = standing(shot);
  const random = chance(shot.seed);
  const grain = chance(shot.seed + 1);
  const long = Math.max(flat.width, flat.height);
  const shadeAt = await shadeOf(flat);
  const linear = linearOf(flat);
  const out = Buffer.alloc(width * height * 3);
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
          const wood =
            alpha < 1 ? 1 + 0.05 * Math.sin(60 * y + 3 * Math.sin(7 * x + shot.seed)) : 1;
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
      const i = 3 * (py * width + px);
      const noise = shot.noise * (grain() + grain() + grain() - 1.5);
      for (let c = 0; c < 3; c++) {
        const odd = c === 1 ? shot.noise * (random() - 0.5) : 0;
        out[i + c] = Math.max(0, Math.min(255, toByte(Math.min(1, sum[c]! / 4)) + noise + odd));
      }
    }
  const image = sharp(out, { raw: { width, height, channels: 3 } });
  return (shot.blurPx >= 0.3 ? image.blur(shot.blurPx) : image).jpeg({ quality }).toBuffer();
}

/** Beside the piece there is room for its shade, as a share of its longer side. */
const MARGIN = 0.1;
/** The shade is drawn so small, px. */
const SHADE_PX = 200;

/** How much a piece takes of the light beside it, 0 to 1: its outline, blurred. */
async function shadeOf(flat: Flat): Promise<(x: number, y: number) => number> {
  const long = Math.max(flat.width, flat.height);
  const [w, h] = [flat.width, flat.height].map((side) => Math.round((SHADE_PX * side) / long)) as [
    number,
    number,
  ];
  const pad = Math.round(MARGIN * SHADE_PX);
  const [width, height] = [w + 2 * pad, h + 2 * pad];
  const lies = Buffer.alloc(width * height);
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++) {
      const [fx, fy] = [
        Math.floor(((x + 0.5) * flat.width) / w),
        Math.floor(((y + 0.5) * flat.height) / h),
      ];
      lies[(y + pad) * width + x + pad] = flat.rgba[4 * (fy * flat.width + fx) + 3]!;
    }
  const { data: alpha, info } = await sharp(lies, { raw: { width, height, channels: 1 } })
    .blur(0.02 * SHADE_PX)
    .raw()
    .toBuffer({ resolveWithObject: true });
  const { channels } = info;
  return (x, y) => {
    const px = Math.round((x + w / SHADE_PX / 2) * SHADE_PX + pad);
    const py = Math.round((y + h / SHADE_PX / 2) * SHADE_PX + pad);
    return px < 0 || py < 0 || px >= width || py >= height
      ? 0
      : alpha[channels * (py * width + px)]! / 255;
  };
}

/** How much of a photograph a piece takes up, one way or the other. */
const FILLS = 0.74;

/** A shot as a hand takes it, from a seed. */
export function handShot(
  seed: number,
  [width, height]: readonly [number, number],
  flat: { readonly width: number; readonly height: number },
  gloss: number,
): Shot {
  const random = chance(seed * 7919 + 13);
  const between = (a: number, b: number) => a + (b - a) * random();
  const warm = between(-0.09, 0.12);
  const long = Math.max(flat.width, flat.height);
  // All of it is in the photograph, with room for a hand that is not sure.
  const fills = Math.min(
    (FILLS * long) / flat.width,
    (FILLS * height * long) / (width * flat.height),
  );
  const tables: readonly Vec[] = [
    [0.33, 0.24, 0.16],
    [0.5, 0.5, 0.49],
    [0.12, 0.12, 0.13],
    [0.62, 0.55, 0.45],
  ];
  return {
    width,
    height,
    leanX: between(-0.2, 0.2),
    leanY: between(-0.1, 0.3),
    turn: between(-0.08, 0.08),
    away: between(1.7, 2.4),
    fills,
    offX: between(-0.03, 0.03),
    offY: between(-0.03, 0.03),
    cast: [1 + warm, 1, 1 - warm],
    dim: between(0.05, 0.35),
    dimWay: between(0, 2 * Math.PI),
    blurPx: between(0.3, 0.8),
    noise: between(2, 6),
    table: tables[Math.floor(random() * tables.length)]!,
    gloss,
    seed,
  };
}
