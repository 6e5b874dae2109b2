import { tilted } from '../grid';
import { type ActDefinition, shifted } from './define';

/** Warmed from above for a while, so that the upper film runs the more easily: a flame, hot air from high up. */
export interface Heat {
  readonly kind: 'heat';
  /** Only round here, and so far; the whole face where it says nothing. */
  readonly atMm?: readonly [number, number];
  readonly rMm?: number;
  /** What its viscosity falls by where it is warmest, as ln ν. */
  readonly thinsLn: number;
  readonly s: number;
}

/** How long one quick pass of a flame takes, s. */
const PASS_S = 8;

/** How warm it gets at a place, mm, of what it does where it is warmest. */
function warmth({ atMm, rMm }: Heat, xMm: number, yMm: number): number {
  if (!atMm || rMm === undefined) return 1;
  const [x, y] = [xMm - atMm[0], yMm - atMm[1]];
  return Math.exp(-((x * x + y * y) / (rMm * rMm)));
}

export const heat: ActDefinition<Heat> = {
  id: 'heat',
  weight: ({ s }) => s,
  brings: () => [],
  key: (act) => act,
  still: true,
  strays: (act, { slower, byMm }) => ({
    ...act,
    ...(act.atMm ? { atMm: shifted(act.atMm, byMm) } : {}),
    s: act.s * slower,
  }),
  coaxes: (act, [x, y]) => {
    const passes = act.s / PASS_S;
    return passes * warmth(act, x, y);
  },
  varies: true,
  span: (act, under) => {
    const { thinsLn, s } = act;
    const { film } = under.kernel;
    const { grid, cellMm, originMm } = under.site;
    const warmed = Float32Array.from(film.h, (_, i) => {
      const x = ((i % grid.nx) + 0.5) * cellMm - originMm[0];
      const y = (Math.floor(i / grid.nx) + 0.5) * cellMm - originMm[1];
      return thinsLn * warmth(act, x, y);
    });
    const warm = (sign: 1 | -1) => {
      for (let i = 0; i < warmed.length; i++) film.lnNu[i] = film.lnNu[i]! - sign * warmed[i]!;
    };
    warm(1);
    const level = tilted(under.nu);
    // It cools as it was warmed, where it was: what ran meanwhile ran less far than the flame is wide.
    return { s, felt: 1, driveAt: () => level, ends: () => warm(-1) };
  },
};
