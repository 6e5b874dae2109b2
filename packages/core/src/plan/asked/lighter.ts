import type { Layer } from '../../cup/schema';
import { separatorLayer } from '../../cup/separator';
import { type Lightening, lightening } from '../../mix/lighten';
import { hexToLab } from '../../optics/lab';
import { neighbours } from '../../optics/neighbour';
import type { Paint } from '../../paint/schema';
import { type Brief, masstoneIn } from '../brief/brief';
import { setMix } from '../edit/mixes';
import { isPair } from '../edit/order';
import { openPlan } from '../document/open';
import type { Plan } from '../document/schema';

/**
 * How one of two mixes is lightened, with the lightest paint of the plan; with one of the shelf where the plan has no light one.
 * @param shelf paints that may be taken
 */
export function lightenOffer(
  plan: Plan,
  brief: Brief,
  a: string,
  b: string,
  shelf: readonly Paint[] = [],
): Lightening | undefined {
  const both = [a, b].map((id) => plan.mixes.find((m) => m.id === id));
  const [first, second] = both;
  if (!first || !second) return undefined;
  const masstoneOf = masstoneIn(brief);
  const { paint: paintOf } = openPlan(plan);
  const by = (among: readonly Paint[]) =>
    lightening([first, second], masstoneOf, paintOf, among, brief.factors);
  return by(plan.paints) ?? by(shelf);
}

/** Stirs the light paint into the mix, its other paints keeping their ratio. */
export function lightened(plan: Plan, { mix, paint, paints }: Lightening): Plan {
  const grown = plan.paints.some((p) => p.id === paint.id)
    ? plan
    : { ...plan, paints: [...plan.paints, paint] };
  const index = plan.mixes.findIndex((m) => m.id === mix);
  return setMix(grown, index, (m) => ({ ...m, paints }));
}

/** The light mix of the plan that gets on with both, to lie between them; undefined where there is none. */
export function lightBetween(plan: Plan, brief: Brief, a: string, b: string): string | undefined {
  const hexOf = masstoneIn(brief);
  const fits = plan.budget.shares.filter(
    ({ mix, share }) =>
      share > 0 &&
      mix !== a &&
      mix !== b &&
      hexToLab(hexOf(mix))[0] >= brief.factors['light-paint'] &&
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
              ? [separatorLayer(between), layer]
              : [layer];
          }),
        }
      : cup,
  ),
});
