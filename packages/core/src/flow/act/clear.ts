import { DRY_M } from '../film';
import type { Site } from '../ground';
import { takeOff } from '../taken';
import { type ActDefinition, shifted } from './define';

/** A place wiped bare: what lay there goes with the cloth but for a last smear. */
export interface Clear {
  readonly kind: 'clear';
  readonly atMm: readonly [number, number];
  readonly rMm: number;
  /** Share of the film the cloth leaves, the lowest of it: a haze. */
  readonly leaves: number;
}

/** Over how much of the radius its rim is soft. */
const SOFT = 0.15;

export const clear: ActDefinition<Clear> = {
  id: 'clear',
  weight: () => 0,
  brings: () => [],
  key: (act) => act,
  strays: (act, { byMm }) => ({ ...act, atMm: shifted(act.atMm, byMm) }),
  *run(act, { kernel: { film }, site, dryGroundM }) {
    const left = leftBy(act, site);
    const taken = takeOff(film.h, site, (x, y) => [left(x, y), 1]);
    taken.at.forEach((i) => {
      film.lower[i] = Math.min(film.lower[i]!, film.h[i]!);
      // What is wiped dry holds a front back again.
      if (film.h[i]! < DRY_M) film.ground[i] = dryGroundM[i]!;
    });
    yield { weight: 0, taken };
  },
  back: (act, _, { site }) => {
    const left = leftBy(act, site);
    return ({ kernel: { samples }, count }) => {
      for (let k = 0; k < count; k++)
        samples.z[k] = samples.z[k]! * left(samples.x[k]!, samples.y[k]!);
    };
  },
};

/** The share of the film left at a place, cells. */
const leftBy =
  ({ atMm, rMm, leaves }: Clear, { cellMm, originMm }: Site) =>
  (x: number, y: number): number => {
    const far = Math.hypot(x * cellMm - originMm[0] - atMm[0], y * cellMm - originMm[1] - atMm[1]);
    return leaves + (1 - leaves) * Math.min(1, Math.max(0, (far / rMm - 1 + SOFT) / SOFT));
  };
