import { deltaE2000 } from './delta-e';
import { meanColour } from './evened';
import { hexToLab } from './lab';

/** How far off a colour of a picture may be, ΔE2000: by a thing of known colour beside it, whose own white and the light's fall from one to the other are not known; and without (estimates). */
const OFF = { evened: 3, asTaken: 9 } as const;
/** A spot is parted in so many squares each way, to see how far they agree. */
const PARTS = 3;

/**
 * How far off the colour of a spot may be, ΔE2000: by the light, and by how far parts of the spot differ.
 * @param rgba bytes of a square spot, `side` pixels wide
 */
export function spotWithin(rgba: Uint8ClampedArray, side: number, isEvened: boolean): number {
  const lab = hexToLab(meanColour(rgba));
  let sum = 0;
  for (let part = 0; part < PARTS * PARTS; part++) {
    const [from, to] = [part % PARTS, Math.floor(part / PARTS)].map((k) => [
      Math.floor((k * side) / PARTS),
      Math.max(Math.floor((k * side) / PARTS) + 1, Math.floor(((k + 1) * side) / PARTS)),
    ]) as [[number, number], [number, number]];
    const own: number[] = [];
    for (let y = to[0]; y < to[1]; y++)
      for (let x = from[0]; x < from[1]; x++)
        own.push(...rgba.subarray(4 * (y * side + x), 4 * (y * side + x) + 4));
    sum += deltaE2000(lab, hexToLab(meanColour(Uint8ClampedArray.from(own)))) ** 2;
  }
  return Math.hypot(isEvened ? OFF.evened : OFF.asTaken, Math.sqrt(sum / PARTS ** 2));
}
