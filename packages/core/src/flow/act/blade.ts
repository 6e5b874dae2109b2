import { type Stroke, wipe } from '../wiped-strip';
import { atOnce } from '../at-once';
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
    const strip = wipe(Float32Array.from(film.h), site, stroke);
    if (strip) yield atOnce(film, site, strip);
  },
};
