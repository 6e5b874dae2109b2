/** A number 0..1 from three whole numbers and a seed, the same on every engine: integer hashing only. */
export function chance(x: number, y: number, z: number, seed: number): number {
  let h = Math.imul(x, 0x8da6b343) ^ Math.imul(y, 0xd8163841) ^ Math.imul(z, 0xcb1ab31f) ^ seed;
  h = Math.imul(h ^ (h >>> 15), 0x2c1b3c6d);
  h = Math.imul(h ^ (h >>> 12), 0x297a2d39);
  return ((h ^ (h >>> 15)) >>> 0) / 4294967296;
}

/** About normal, of variance 1, from three even chances. */
export const normal = (a: number, b: number, c: number): number => 2 * (a + b + c - 1.5);

const ease = (t: number): number => t * t * (3 - 2 * t);

/** Smooth noise, −1..1, of wavelength about one. */
export function noise(x: number, y: number, z: number, seed: number): number {
  const ix = Math.floor(x);
  const iy = Math.floor(y);
  const iz = Math.floor(z);
  const u = ease(x - ix);
  const v = ease(y - iy);
  const near = layer(ix, iy, iz, u, v, seed);
  return 2 * (near + ease(z - iz) * (layer(ix, iy, iz + 1, u, v, seed) - near)) - 1;
}

/** Between the chances of four corners of a layer, a share u, v of the way across. */
function layer(ix: number, iy: number, iz: number, u: number, v: number, seed: number): number {
  const a = chance(ix, iy, iz, seed);
  const b = chance(ix + 1, iy, iz, seed);
  const c = chance(ix, iy + 1, iz, seed);
  const d = chance(ix + 1, iy + 1, iz, seed);
  const top = a + u * (b - a);
  return top + v * (c + u * (d - c) - top);
}

/** Noise with finer noise on it, three octaves, each half as strong; −1..1. */
export function fractal(x: number, y: number, z: number, seed: number): number {
  return (
    (4 * noise(x, y, z, seed) +
      2 * noise(2 * x, 2 * y, 2 * z, seed + 1) +
      noise(4 * x, 4 * y, 4 * z, seed + 2)) /
    7
  );
}
