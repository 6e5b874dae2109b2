import { addSpin } from '../film';
import { RAMP_S } from '../pace';
import { tilted } from '../grid';
import { type ActDefinition, shifted } from './define';

/** Turned about a place, up to speed and down again evenly; level, or on a plate that leans. */
export interface Spin {
  readonly kind: 'spin';
  readonly aboutMm: readonly [number, number];
  readonly turnsPerMin: number;
  readonly s: number;
  /** How far the plate leans and which way down, as the piece lies on it: it turns with the piece, so it pulls the same way all along. */
  readonly leanDeg?: number;
  readonly lowDeg?: number;
}

export const spin: ActDefinition<Spin> = {
  id: 'spin',
  weight: ({ s }) => s,
  brings: () => [],
  key: (act) => act,
  strays: (act, { slower, byMm }) => ({
    ...act,
    aboutMm: shifted(act.aboutMm, byMm),
    s: act.s * slower,
  }),
  span: ({ aboutMm, turnsPerMin, s, leanDeg, lowDeg }, under) => {
    const { kernel, site } = under;
    const { film } = kernel;
    const ramp = Math.min(2 * RAMP_S, s / 3);
    const full = (turnsPerMin * 2 * Math.PI) / 60;
    const omegaAt = (t: number) => full * Math.max(0, Math.min(1, t / ramp, (s - t) / ramp));
    const [x, y] = aboutMm.map((mm, axis) => (mm + site.originMm[axis]!) / 1000) as [
      number,
      number,
    ];
    const drive = { ...tilted(under.nu, leanDeg, lowDeg), fields: true };
    return {
      s,
      felt: 1,
      driveAt: () => drive,
      // While it gathers speed the last frame says too little of the next; how far it goes is bounded by its own force.
      longestS: (t) => (t < ramp || t > s - ramp - 1e-9 ? ramp / 4 : s - ramp - t),
      forces: (t, seconds) => addSpin(film, omegaAt(t + seconds / 2), x, y),
    };
  },
};
