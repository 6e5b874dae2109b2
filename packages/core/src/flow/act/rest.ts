import { tilted } from '../grid';
import type { ActDefinition } from './define';

/** Left level. */
export interface Rest {
  readonly kind: 'rest';
  readonly s: number;
}

/** A second of rest is computed in a fraction of the time, for little moves in it. */
const FELT = 1 / 20;

export const rest: ActDefinition<Rest> = {
  id: 'rest',
  weight: ({ s }) => FELT * s,
  brings: () => [],
  key: (act) => act,
  still: true,
  strays: (act, { slower }) => ({ ...act, s: act.s * slower }),
  span: ({ s }, under) => {
    const level = tilted(under.nu);
    return { s, felt: FELT, driveAt: () => level };
  },
};
