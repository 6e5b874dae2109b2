import { DRY_M } from '../film';
import { type Stroke, wipe } from '../wiped-strip';
import type { ActDefinition } from './define';

/** A sheet, towel, knife or card drawn over the film in one stroke. */
export interface Blade extends Stroke {
  readonly kind: 'blade';
}

export const blade: ActDefinition<Blade> = {
  id: 'blade',
  weight: () => 0,
  brings: () => [],
  key: (act) => act,
  *run(stroke, { kernel: { film }, site }) {
    const was = Float32Array.from(film.h);
    const strip = wipe(was, site, stroke);
    if (!strip) return;
    const { nx, ny } = site.grid;
    const touched = new Uint8Array(was.length);
    let before = 0;
    let after = 0;
    for (let i = 0; i < nx * ny; i++) {
      const now = site.inside[i]
        ? strip.after((i % nx) + 0.5, Math.floor(i / nx) + 0.5)
        : undefined;
      if (now === undefined) continue;
      touched[i] = 1;
      before += was[i]!;
      after += now;
      film.h[i] = now;
    }
    // Cells only come near the lines it was reckoned in: none of the paint is lost for that.
    const exactly = after > 0 ? before / after : 1;
    for (let i = 0; i < touched.length; i++)
      if (touched[i]) {
        film.h[i] = film.h[i]! * exactly;
        film.lower[i] = Math.min(film.lower[i]!, film.h[i]!);
        touched[i] = film.h[i]! >= DRY_M ? 1 : 0;
      }
    // Where it laid paint down no front is held back any more.
    for (let i = 0; i < touched.length; i++) if (touched[i]) film.ground[i] = 0;
    yield {
      weight: 0,
      back: ({ kernel: { samples }, count }) => {
        for (let k = 0; k < count; k++) {
          const from = strip.before(samples.x[k]!, samples.y[k]!, samples.z[k]!);
          if (!from) continue;
          samples.x[k] = from[0];
          samples.y[k] = from[1];
          samples.z[k] = from[2];
        }
      },
    };
  },
};
