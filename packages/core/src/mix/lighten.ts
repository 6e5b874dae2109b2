import type { Factors } from '../factor';
import { blend } from '../optics/blend';
import { deltaE2000 } from '../optics/delta-e';
import { reflectanceOf } from '../optics/film';
import { hexToLab } from '../optics/lab';
import { paintOptics } from '../optics/reserve';
import { spectrumToHex } from '../optics/spectrum';
import { blendsTrue } from '../paint/property';
import type { Paint } from '../paint/schema';
import type { Mix } from './schema';

/** Parts of the light paint to one of all others: the least that does it is taken. With more it would be another colour. */
const PARTS = [0.25, 0.5, 1, 2, 3];

/** How one of two colours that are too alike is lightened. */
export interface Lightening {
  readonly mix: string;
  readonly paint: Paint;
  /** Parts of that paint to one part of the others. */
  readonly parts: number;
  readonly hex: string;
  /** The mix's paints with it in. */
  readonly paints: Mix['paints'];
}

/**
 * The lighter of two mixes with as little of the lightest paint as sets them apart; the other one where the lighter has that paint in it. Undefined
 * where none of the paints is light, or no amount of it does.
 * @param paintOf the paints that are in the two
 * @param among paints that may lighten them
 */
export function lightening(
  mixes: readonly [Mix, Mix],
  masstoneOf: (mix: string) => string,
  paintOf: (id: string) => Paint,
  among: readonly Paint[],
  factors: Factors,
): Lightening | undefined {
  const lightness = (hex: string) => hexToLab(hex)[0];
  const light = among
    .filter((p) => lightness(p.hex) >= factors['light-paint'] && blendsTrue(p))
    .sort((a, b) => lightness(b.hex) - lightness(a.hex))[0];
  if (!light) return undefined;
  const byLight = [...mixes].sort(
    (a, b) => lightness(masstoneOf(b.id)) - lightness(masstoneOf(a.id)),
  );
  for (const mix of byLight) {
    if (mix.paints.some((p) => p.paint === light.id)) continue;
    const other = hexToLab(masstoneOf(mixes.find((m) => m !== mix)!.id));
    const whole = mix.paints.reduce((sum, p) => sum + p.parts, 0);
    const own = mix.paints.map((p) => ({ optics: paintOptics(paintOf(p.paint)), volume: p.parts }));
    for (const parts of PARTS) {
      const { q } = blend([...own, { optics: paintOptics(light), volume: parts * whole }], 0);
      const hex = spectrumToHex(q.map(reflectanceOf));
      if (deltaE2000(hexToLab(hex), other) >= factors['stay-apart'] && lightness(hex) > other[0])
        return {
          mix: mix.id,
          paint: light,
          parts,
          hex,
          paints: [...mix.paints, { paint: light.id, parts: Number((parts * whole).toFixed(4)) }],
        };
    }
  }
  return undefined;
}
