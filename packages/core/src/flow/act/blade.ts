import { type Stroke, wipe } from '../wiped-strip';
import { backBy, reshape } from '../at-once';
import { type ActDefinition, shifted } from './define';

/** A sheet, towel, knife or card drawn over the film in one stroke. */
export interface Blade extends Stroke {
  readonly kind: 'blade';
}

export const blade: ActDefinition<Blade, Float32Array> = {
  id: 'blade',
  weight: () => 0,
  brings: () => [],
  key: (act) => act,
  strays: (act, { byMm, towardDeg }) => {
    const fromMm = shifted(act.fromMm, byMm);
    const [x, y] = [act.toMm[0] - act.fromMm[0], act.toMm[1] - act.fromMm[1]];
    const turn = (towardDeg * Math.PI) / 180;
    const along = [
      x * Math.cos(turn) - y * Math.sin(turn),
      x * Math.sin(turn) + y * Math.cos(turn),
    ] as const;
    return { ...act, fromMm, toMm: shifted(fromMm, along) };
  },
  *run(stroke, { kernel: { film }, site }) {
    const did = Float32Array.from(film.h);
    const strip = wipe(did, site, stroke);
    if (!strip) return;
    reshape(film, site, strip.after);
    yield { weight: 0, did };
  },
  back: (stroke, h, { site }) => backBy(wipe(h, site, stroke)!.before),
};
