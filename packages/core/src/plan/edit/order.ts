import type { Layer } from '../../cup/schema';
import { separatorLayer } from '../../cup/separator';
import type { Arranged } from '../../order/arrange';
import type { CupOrder } from '../../order/schema';
import type { Plan } from '../document/schema';
import { setCup } from './cups';

/** Changes what is asked of the order; a wish set to undefined is given up. */
export function setOrder(plan: Plan, change: Partial<Record<keyof CupOrder, unknown>>): Plan {
  const asked = Object.entries({ school: 'contrast', ...plan.order, ...change }).filter(
    ([, value]) => value !== undefined,
  );
  return { ...plan, order: Object.fromEntries(asked) as CupOrder };
}

/** Keeps two mixes apart, or lets them touch again. */
export function setApart(plan: Plan, a: string, b: string, apart: boolean): Plan {
  const others = (plan.order?.apart ?? []).filter((p) => !isPair(p, a, b));
  const pairs = apart ? [...others, { a, b }] : others;
  return setOrder(plan, { apart: pairs.length > 0 ? pairs : undefined });
}

export const isPair = (
  pair: { readonly a: string; readonly b: string },
  a: string,
  b: string,
): boolean => (pair.a === a && pair.b === b) || (pair.a === b && pair.b === a);

/**
 * Loads a cup in an order that was found for it: its layers keep their amounts and ways in, those of one mix the order they had. Separators are new
 * and thin; a mix that begins and ends it now has half its layer at each end.
 * @param mixes what the positions of the order stand for
 */
export const loadInOrder = (
  plan: Plan,
  cup: number,
  mixes: readonly string[],
  { layers, halved }: Arranged,
): Plan =>
  setCup(plan, cup, (c) => {
    const left = new Map<string, Layer[]>();
    for (const layer of c.layers ?? [])
      left.set(layer.mix, [...(left.get(layer.mix) ?? []), layer]);
    const split = halved === undefined ? undefined : mixes[halved];
    if (split !== undefined) {
      const [only] = left.get(split) ?? [];
      if (only) left.set(split, [halfOf(only), halfOf(only)]);
    }
    return {
      ...c,
      layers: layers.flatMap(({ colour, separator }): Layer[] => {
        const mix = mixes[colour];
        if (mix === undefined) return [];
        if (separator) return [separatorLayer(mix)];
        const layer = left.get(mix)?.shift();
        return layer ? [layer] : [];
      }),
    };
  });

/** Half a layer, by whatever it is measured in. */
export const halfOf = ({ parts, ml, ...layer }: Layer): Layer => ({
  ...layer,
  ...(ml === undefined ? { parts: Number(((parts ?? 1) / 2).toFixed(4)) } : { ml: ml / 2 }),
});
