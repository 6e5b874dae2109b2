import { tilted } from '../grid';
import { RAMP_S } from '../pace';
import type { ActDefinition } from './define';

/** Tilted, down toward an angle. */
export interface Tilt {
  readonly kind: 'tilt';
  readonly towardDeg: number;
  readonly angleDeg: number;
  readonly s: number;
}

export const tilt: ActDefinition<Tilt> = {
  id: 'tilt',
  weight: ({ s }) => s,
  brings: () => [],
  key: (act) => act,
  strays: (act, slip) => ({
    ...act,
    towardDeg: act.towardDeg + slip.towardDeg,
    angleDeg: Math.max(0, act.angleDeg + slip.angleDeg),
    s: act.s * slip.slower,
  }),
  span: ({ angleDeg, towardDeg, s }, under) => {
    const ramp = Math.min(RAMP_S, s / 3);
    return {
      s,
      felt: 1,
      driveAt: (t) => {
        const share = Math.min(1, t / ramp, (s - t) / ramp);
        return tilted(under.nu, angleDeg * Math.max(0, share), towardDeg);
      },
      longestS: (t) => (t < ramp || t > s - ramp - 1e-9 ? ramp / 3 : s - ramp - t),
    };
  },
};
