import { deltaE2000 } from '../optics/delta-e';
import { hexToLab } from '../optics/lab';
import { spectrumToHex } from '../optics/spectrum';
import { DRAWN_WHITE, filmSpectrum, reflectanceOf } from '../optics/film';
import { hexesOf, type Planned, PLANNED_WITHIN } from '../reading';
import type { Palette } from './films';

/** What the bare ground goes by among planned colours; no mix has such an id. */
export const GROUND = '/ground';

/** A colour lies so thin on top of others in most pours that hold together, wet µm (an estimate: a fifth of a usual film). */
const THIN_UM = 200;

/** Each mix as a film so thick that nothing shows through, and as a thin one over white, by its id. */
export const mixColours = ({ inks }: Palette): Planned[] =>
  Object.entries(inks).map(([id, { q: ratios, s }]) => {
    const q = Float64Array.from(ratios);
    return {
      id,
      hex: spectrumToHex(q.map(reflectanceOf)),
      thinHex: spectrumToHex(filmSpectrum({ q, s }, THIN_UM, DRAWN_WHITE)),
    };
  });

/** Nearer to one another than this, ΔE00, two colours are one on a piece: two or three are seen side by side as nearly the same (memory; ISO/CIE 11664-6 gives the measure alone). */
const AS_ONE = 2;

/**
 * What may be seen of a plan: its mixes, those no eye tells apart as one, by the first of them; and the bare ground where it looks like none.
 */
export function plannedColours(palette: Palette): Planned[] {
  const mixes: Planned[] = [];
  for (const mix of mixColours(palette)) {
    const at = mixes.findIndex(({ hex }) => deltaE2000(hexToLab(hex), hexToLab(mix.hex)) < AS_ONE);
    if (at < 0) mixes.push(mix);
    else mixes[at] = { ...mixes[at]!, also: [...(mixes[at]!.also ?? []), mix.id] };
  }
  const hex = spectrumToHex(Float64Array.from(palette.ground));
  const lab = hexToLab(hex);
  const alike = mixes.some((mix) =>
    hexesOf(mix).some((seen) => deltaE2000(hexToLab(seen), lab) < PLANNED_WITHIN),
  );
  return alike ? mixes : [...mixes, { id: GROUND, hex }];
}
