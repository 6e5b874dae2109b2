import { covers } from './covers';
import type { Ring } from './ring';

/** A part of a face across it, mm along a direction from the corner of its bounds, and its area, mm². */
export interface Strip {
  readonly deg: number;
  readonly beginsMm: number;
  readonly endsMm: number;
  readonly areaMm2: number;
}

/** Places looked at each way to tell how much of a face a strip is: to a per cent of it. */
const LOOKED_AT = 160;

/** How far along a direction a place lies. */
export const alongMm = (x: number, y: number, deg: number): number =>
  x * Math.cos((deg * Math.PI) / 180) + y * Math.sin((deg * Math.PI) / 180);

/**
 * The part of a face between two shares of its extent along a direction.
 * @param areaMm2 of the whole face
 */
export function stripOf(
  rings: readonly Ring[],
  areaMm2: number,
  deg: number,
  from: number,
  to: number,
): Strip {
  let [least, most] = [Infinity, -Infinity];
  let [left, right, top, bottom] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const ring of rings)
    for (let i = 0; i < ring.length; i += 2) {
      const [x, y] = [ring[i]!, ring[i + 1]!];
      const along = alongMm(x, y, deg);
      [least, most] = [Math.min(least, along), Math.max(most, along)];
      [left, right] = [Math.min(left, x), Math.max(right, x)];
      [top, bottom] = [Math.min(top, y), Math.max(bottom, y)];
    }
  const [beginsMm, endsMm] = [from, to].map((share) => least + share * (most - least)) as [
    number,
    number,
  ];
  let [on, within] = [0, 0];
  for (let n = 0; n < LOOKED_AT ** 2; n++) {
    const x = left + (((n % LOOKED_AT) + 0.5) / LOOKED_AT) * (right - left);
    const y = top + ((Math.floor(n / LOOKED_AT) + 0.5) / LOOKED_AT) * (bottom - top);
    if (!covers(rings, x, y)) continue;
    on++;
    const along = alongMm(x, y, deg);
    if (along >= beginsMm && along < endsMm) within++;
  }
  return { deg, beginsMm, endsMm, areaMm2: on > 0 ? (areaMm2 * within) / on : 0 };
}
