import { addLower, addUpper } from '../add';
import { fieldAt } from '../field-at';
import { alongMm } from '../../surface/outline/strip';
import { bandOf, type Site, wetGround } from '../ground';
import type { ActDefinition } from './define';

/** An even film laid over all there is, at once: a base coat on bare ground, paint spread over paint, a wet edge. */
export interface Overlay {
  readonly kind: 'overlay';
  readonly mix: string;
  readonly filmMm: number;
  /** Only along the outline, this wide. */
  readonly bandMm?: number;
  /** Only a strip across the face: between so many mm along a direction, and its area. */
  readonly part?: {
    readonly deg: number;
    readonly beginsMm: number;
    readonly endsMm: number;
    readonly cm2: number;
  };
  /** The sides of the piece get the same film. */
  readonly sidesCm2?: number;
}

/** The most of a film a ground holds fast. */
const MOST_HELD = 0.9;

/** Viscosity of a film that runs as one does of which the ground holds a share: what moves is so much thinner, and h³ less. */
const heldFast = (nu: number, share: number): number =>
  nu / (1 - Math.min(MOST_HELD, Math.max(0, share))) ** 3;

/** The cells of a strip across the face. */
const stripIn = (
  { inside, grid, cellMm, originMm }: Site,
  { deg, beginsMm, endsMm }: NonNullable<Overlay['part']>,
): Uint8Array =>
  inside.map((on, i) => {
    if (!on) return 0;
    const x = ((i % grid.nx) + 0.5) * cellMm - originMm[0];
    const y = (Math.floor(i / grid.nx) + 0.5) * cellMm - originMm[1];
    const along = alongMm(x, y, deg);
    return along >= beginsMm && along < endsMm ? 1 : 0;
  });

/** The film it laid and what lay below, wet heights in m, cell by cell. */
interface Laid {
  readonly added: Float32Array;
  readonly below: Float32Array;
}

export const overlay: ActDefinition<Overlay, Laid> = {
  id: 'overlay',
  weight: () => 0,
  brings: ({ mix, filmMm, bandMm, part, sidesCm2 = 0 }, { areaCm2, outlineMm }) => {
    const coveredCm2 =
      part?.cm2 ?? (bandMm === undefined ? areaCm2 : Math.min(areaCm2, (outlineMm * bandMm) / 100));
    const sidesMl = (filmMm * sidesCm2) / 10;
    return [{ mix, ml: (filmMm * coveredCm2) / 10 + sidesMl, ...(sidesMl > 0 ? { sidesMl } : {}) }];
  },
  key: (act) => ({ ...act, mix: '' }),
  *run(act, under) {
    const { kernel, site, laid, onSides } = under;
    const { film } = kernel;
    const { filmMm, bandMm, sidesCm2 = 0 } = act;
    const where = act.part
      ? stripIn(site, act.part)
      : bandMm === undefined
        ? site.inside
        : bandOf(site, bandMm);
    // So thick that the cells hold exactly what the act brings: they only come near the outline.
    const cells = where.reduce((sum, on) => sum + on, 0);
    const ml = overlay.brings({ ...act, sidesCm2: 0 }, site.face)[0]!.ml;
    const filmM = cells > 0 ? (ml * 1e-6) / (cells * site.grid.dx ** 2) : 0;
    const added = Float32Array.from(where, (on) => (on ? filmM : 0));
    const below = Float32Array.from(film.h);
    let m3 = 0;
    for (let i = 0; i < added.length; i++) m3 += added[i]! * site.grid.dx ** 2;
    const ownNu = under.nuOf(act.mix);
    // Laid on bare ground it is what everything else runs on.
    const lower = bandMm === undefined && !film.h.some((h, i) => h > 0 && where[i]);
    if (lower && under.lowerNu !== undefined) {
      under.lowerNu = heldFast(ownNu, under.drinksM / filmM);
      // What lies beside it has ground of its own to be held by.
      if (!act.part) under.drinksM = 0;
    }
    if (lower) addLower(film, added);
    else addUpper(film, added, ownNu);
    laid(m3);
    // 1 cm² × 1 mm = 1e-7 m³.
    if (sidesCm2 > 0) onSides(filmMm * sidesCm2 * 1e-7);
    wetGround(film, site, where);
    yield { weight: 0, did: { added, below } };
  },
  back:
    (_, { added, below }, { site, source }) =>
    ({ kernel, count, born }) => {
      const { x, y, z } = kernel.samples;
      for (let k = count - 1; k >= 0; k--) {
        const above = fieldAt(added, site, x[k]!, y[k]!);
        if (above <= 0) continue;
        const under = fieldAt(below, site, x[k]!, y[k]!);
        const level = under / (under + above);
        if (z[k]! >= level) born(k, source, 0, 0, 0);
        else z[k] = z[k]! / level;
      }
    },
  strata: () => ({
    wave: () => 0,
    bin: () => 0,
    across: () => 0,
    stratum: () => 0,
    along: () => 0,
  }),
};
