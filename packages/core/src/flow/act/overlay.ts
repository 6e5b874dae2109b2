import { fieldAt } from '../field-at';
import { bandOf, wetGround } from '../ground';
import type { ActDefinition } from './define';

/** An even film laid over all there is, at once: a base coat on bare ground, paint spread over paint, a wet edge. */
export interface Overlay {
  readonly kind: 'overlay';
  readonly mix: string;
  readonly filmMm: number;
  /** Only along the outline, this wide. */
  readonly bandMm?: number;
}

export const overlay: ActDefinition<Overlay> = {
  id: 'overlay',
  weight: () => 0,
  brings: ({ mix, filmMm, bandMm }, { areaCm2, outlineMm }) => {
    const coveredCm2 =
      bandMm === undefined ? areaCm2 : Math.min(areaCm2, (outlineMm * bandMm) / 100);
    return [{ mix, ml: (filmMm * coveredCm2) / 10 }];
  },
  key: (act) => ({ ...act, mix: '' }),
  *run({ filmMm, bandMm }, { kernel: { film }, site, source, laid }) {
    const where = bandMm === undefined ? site.inside : bandOf(site, bandMm);
    const added = Float32Array.from(where, (on) => (on ? filmMm / 1000 : 0));
    const below = Float32Array.from(film.h);
    let m3 = 0;
    for (let i = 0; i < added.length; i++) {
      film.h[i] = film.h[i]! + added[i]!;
      m3 += added[i]! * site.grid.dx ** 2;
    }
    laid(m3);
    wetGround(film, site, where);
    yield {
      weight: 0,
      back: (traced) => {
        const { x, y, z } = traced.kernel.samples;
        for (let k = traced.count - 1; k >= 0; k--) {
          const above = fieldAt(added, site, x[k]!, y[k]!);
          if (above <= 0) continue;
          const under = fieldAt(below, site, x[k]!, y[k]!);
          const level = under / (under + above);
          if (z[k]! >= level) traced.born(k, source, 0, 0, 0);
          else z[k] = z[k]! / level;
        }
      },
    };
  },
  strata: () => ({ wave: () => 0, bin: () => 0, stratum: () => 0, change: () => 0.5 }),
};
