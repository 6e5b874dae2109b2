import type { Film } from '../film';
import { tilted } from '../grid';
import type { Site } from '../ground';
import { type ActDefinition, shifted } from './define';

/** Air blown along the film: it presses where it strikes and drags the surface along ahead of that, and wanders on its way. */
export interface Jet {
  readonly kind: 'jet';
  readonly fromMm: readonly [number, number];
  readonly towardDeg: number;
  /** How far the place it strikes goes on, mm. */
  readonly reachMm: number;
  /** Where it strikes: pressure at its middle and drag at its hardest, each ÷ density of the paint, m²/s², and how wide it is (σ), mm. */
  readonly press: number;
  readonly shear: number;
  readonly spotMm: number;
  readonly s: number;
}

/** The drag is long and narrow, and lies ahead of where the air strikes; in σ (science-flow 6, tuned). */
const LONG = 2.2;
const WIDE = 1.1;
const AHEAD = 1.2;
/** It comes and goes over this part of its time. */
const SOFT = 0.15;
/** Frames it is told in at the least: where it strikes moves meanwhile. */
const LEAST_FRAMES = 12;

export const jet: ActDefinition<Jet> = {
  id: 'jet',
  weight: ({ s }) => 2 * s,
  brings: () => [],
  key: (act) => act,
  strays: (act, { byMm, slower, towardDeg }) => ({
    ...act,
    fromMm: shifted(act.fromMm, byMm),
    towardDeg: act.towardDeg + towardDeg,
    s: act.s * slower,
  }),
  span: (act, under) => {
    const { kernel, site } = under;
    const { film } = kernel;
    const drive = { ...tilted(under.nu), fields: true, sheared: true };
    return {
      s: act.s,
      felt: 2,
      driveAt: () => drive,
      longestS: () => act.s / LEAST_FRAMES,
      forces: (t, seconds) => strike(film, site, act, (t + seconds / 2) / act.s),
    };
  },
};

/** Adds the forces of a share of its way, the wind coming and going at its ends. */
function strike(film: Film, site: Site, act: Jet, share: number): void {
  const { grid, cellMm, originMm } = site;
  const angle = (act.towardDeg * Math.PI) / 180;
  const [ux, uy] = [Math.cos(angle), Math.sin(angle)];
  const strength = Math.max(0, Math.min(1, share / SOFT, (1 - share) / SOFT));
  const sigma = act.spotMm / cellMm;
  const x = (act.fromMm[0] + act.reachMm * share * ux + originMm[0]) / cellMm;
  const y = (act.fromMm[1] + act.reachMm * share * uy + originMm[1]) / cellMm;
  const far = sigma * (AHEAD + 3 * LONG);
  const left = Math.max(0, Math.floor(x - far));
  const right = Math.min(grid.nx - 1, Math.ceil(x + far));
  const top = Math.max(0, Math.floor(y - far));
  const bottom = Math.min(grid.ny - 1, Math.ceil(y + far));
  // −∂(P/ρ)/∂x of a round spot: P/ρ · x/σ², in m.
  const per = (strength * act.press) / (sigma * sigma * grid.dx);
  for (let cy = top; cy <= bottom; cy++)
    for (let cx = left; cx <= right; cx++) {
      const i = cy * grid.nx + cx;
      const [dx, dy] = [cx + 0.5 - x, cy + 0.5 - y];
      const pressed = per * Math.exp(-(dx * dx + dy * dy) / (2 * sigma * sigma));
      film.pushX[i] = film.pushX[i]! + pressed * dx;
      film.pushY[i] = film.pushY[i]! + pressed * dy;
      const along = (dx * ux + dy * uy - AHEAD * sigma) / (LONG * sigma);
      const across = (dy * ux - dx * uy) / (WIDE * sigma);
      const dragged = strength * act.shear * Math.exp(-(along * along + across * across) / 2);
      film.shearX[i] = film.shearX[i]! + dragged * ux;
      film.shearY[i] = film.shearY[i]! + dragged * uy;
    }
}
