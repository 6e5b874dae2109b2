import type { Layer } from '../cup/schema';
import { blend } from '../optics/blend';
import { deltaE2000 } from '../optics/delta-e';
import { reflectanceOf } from '../optics/film';
import { hexToLab } from '../optics/lab';
import { neighbours } from '../optics/neighbour';
import { paintOptics } from '../optics/reserve';
import { spectrumToHex } from '../optics/spectrum';
import type { Paint } from '../paint/schema';
import type { Brief } from './brief';
import { setMix } from './edit/mixes';
import { isPair } from './edit/order';
import type { Plan } from './schema';

/** A paint or mix at least this light can lighten another or lie between (CIE L*, estimate). */
const LIGHT_L = 78;
/** Two colours stay apart from this difference on: below it they are alike (science-colour, 3). */
const APART_DELTA_E = 20;
/** Parts of the light paint to one of all others, the least that does it is taken. */
const PARTS = [0.25, 0.5, 1, 2, 3, 5, 8];
/** A layer between against a usual one (estimate). */
const THIN = 0.5;

/** How one of two colours that are too alike is lightened. */
export interface LightenOffer {
  readonly mix: string;
  readonly paint: Paint;
  /** Parts of that paint to one part of the others. */
  readonly parts: number;
  readonly hex: string;
}

/**
 * The lighter of two mixes with as little of a light paint as sets them apart; the other one where the lighter is that paint itself. Undefined where
 * there is no light paint, or no amount of it does.
 * @param shelf paints that may be taken where the plan has no light one
 */
export function lightenOffer(
  plan: Plan,
  brief: Brief,
  a: string,
  b: string,
  shelf: readonly Paint[] = [],
): LightenOffer | undefined {
  const hexOf = (mix: string) => brief.mixes.find((m) => m.id === mix)?.masstoneHex ?? '#808080';
  const lightness = (hex: string) => hexToLab(hex)[0];
  const light = lightest(plan.paints.filter(isLight)) ?? lightest(shelf.filter(isLight));
  if (!light) return undefined;
  const both = [a, b].sort((x, y) => lightness(hexOf(y)) - lightness(hexOf(x)));
  for (const id of both) {
    const mix = plan.mixes.find((m) => m.id === id);
    if (!mix || mix.paints.some((p) => p.paint === light.id)) continue;
    const other = hexToLab(hexOf(id === a ? b : a));
    const whole = mix.paints.reduce((sum, p) => sum + p.parts, 0);
    for (const parts of PARTS) {
      const hex = masstone([
        ...mix.paints.map((p) => ({
          optics: paintOptics(plan.paints.find((own) => own.id === p.paint)!),
          volume: p.parts / whole,
        })),
        { optics: paintOptics(light), volume: parts },
      ]);
      if (deltaE2000(hexToLab(hex), other) >= APART_DELTA_E && lightness(hex) > other[0])
        return { mix: id, paint: light, parts, hex };
    }
  }
  return undefined;
}

const isLight = ({ hex, finish }: Paint): boolean =>
  hexToLab(hex)[0] >= LIGHT_L && finish !== 'metallic' && finish !== 'neon';

const lightest = (paints: readonly Paint[]): Paint | undefined =>
  [...paints].sort((a, b) => hexToLab(b.hex)[0] - hexToLab(a.hex)[0])[0];

const masstone = (paints: Parameters<typeof blend>[0]): string =>
  spectrumToHex(blend(paints, 0).q.map(reflectanceOf));

/** Stirs the light paint into the mix, its other paints keeping their ratio. */
export function lightened(plan: Plan, { mix, paint, parts }: LightenOffer): Plan {
  const index = plan.mixes.findIndex((m) => m.id === mix);
  const grown = plan.paints.some((p) => p.id === paint.id)
    ? plan
    : { ...plan, paints: [...plan.paints, paint] };
  return setMix(grown, index, (m) => {
    const whole = m.paints.reduce((sum, p) => sum + p.parts, 0);
    return {
      ...m,
      paints: [...m.paints, { paint: paint.id, parts: Number((parts * whole).toFixed(4)) }],
    };
  });
}

/** The light mix of the plan that gets on with both, to lie between them; undefined where there is none. */
export function lightBetween(plan: Plan, brief: Brief, a: string, b: string): string | undefined {
  const hexOf = (mix: string) => brief.mixes.find((m) => m.id === mix)?.masstoneHex ?? '#808080';
  const fits = plan.budget.shares.filter(
    ({ mix, share }) =>
      share > 0 &&
      mix !== a &&
      mix !== b &&
      hexToLab(hexOf(mix))[0] >= LIGHT_L &&
      [a, b].every((id) => !['merge', 'mud'].includes(neighbours(hexOf(mix), hexOf(id)).verdict)),
  );
  return fits.sort((x, y) => hexToLab(hexOf(y.mix))[0] - hexToLab(hexOf(x.mix))[0])[0]?.mix;
}

/** Lays a thin layer of a mix wherever two others touch, in every cup with layers of its own. */
export const layBetween = (plan: Plan, a: string, b: string, between: string): Plan => ({
  ...plan,
  cups: plan.cups.map((cup) =>
    cup.layers
      ? {
          ...cup,
          layers: cup.layers.flatMap((layer, i, all): Layer[] => {
            const below = all[i - 1];
            return below && isPair({ a: below.mix, b: layer.mix }, a, b)
              ? [{ mix: between, parts: THIN, placement: 'wall' }, layer]
              : [layer];
          }),
        }
      : cup,
  ),
});
