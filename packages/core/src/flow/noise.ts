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
  const [ix, iy, iz] = [Math.floor(x), Math.floor(y), Math.floor(z)];
  const [u, v, w] = [ease(x - ix), ease(y - iy), ease(z - iz)];
  const layer = (k: number) => {
    const a = chance(ix, iy, k, seed);
    const b = chance(ix + 1, iy, k, seed);
    const c = chance(ix, iy + 1, k, seed);
    const d = chance(ix + 1, iy + 1, k, seed);
    const top = a + u * (b - a);
    return top + v * (c + u * (d - c) - top);
  };
  const near = layer(iz);
  return 2 * (near + w * (layer(iz + 1) - near)) - 1;
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
