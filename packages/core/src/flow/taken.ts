import type { Floats } from './film';
import type { Site } from './ground';

/** Paint that is taken off the face at once: of which cells, between which levels of their columns as they stood before, and how much, m³. */
export interface Taken {
  readonly at: Int32Array;
  readonly lowZ: Float32Array;
  readonly highZ: Float32Array;
  readonly m3: Float32Array;
}

/** What a blade took off the sides, all round alike: the share that stays there, and how much went, m³. */
export interface Scraped {
  readonly keeps: number;
  readonly m3: number;
}

/**
 * Takes paint off a film: of each cell what lies between two levels, share of its height from the ground up.
 * @param between the levels at a place, cells; undefined where nothing is taken
 */
export function takeOff(
  h: Floats,
  { inside, grid }: Pick<Site, 'inside' | 'grid'>,
  between: (x: number, y: number) => readonly [low: number, high: number] | undefined,
): Taken {
  const at: number[] = [];
  const low: number[] = [];
  const high: number[] = [];
  const m3: number[] = [];
  for (let i = 0; i < h.length; i++) {
    if (!inside[i] || h[i] === 0) continue;
    const levels = between((i % grid.nx) + 0.5, Math.floor(i / grid.nx) + 0.5);
    if (!levels || levels[1] <= levels[0]) continue;
    const share = levels[1] - levels[0];
    at.push(i);
    low.push(levels[0]);
    high.push(levels[1]);
    m3.push(h[i]! * share * grid.dx * grid.dx);
    h[i] = h[i]! * (1 - share);
  }
  return {
    at: Int32Array.from(at),
    lowZ: Float32Array.from(low),
    highZ: Float32Array.from(high),
    m3: Float32Array.from(m3),
  };
}

export const takenM3 = ({ m3 }: Taken): number => m3.reduce((sum, one) => sum + one, 0);
