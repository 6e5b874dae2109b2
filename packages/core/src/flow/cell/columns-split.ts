import type { Factors } from '../../factor';
import { actOf } from '../act';
import { BOTTOM, runsOf } from '../columns';
import type { Plate } from '../develop';
import type { Pour } from '../simulate';
import type { Layer, Makeup } from './pile';
import { type Split, splitOf } from './split';

/** Any face would do: only which paints there are is asked for. */
const ANY_FACE = { areaCm2: 1, outlineMm: 1 };

/** Every stratum of a pour's scene by its number, as `mixesOf` counts them, as cells need it. */
function layersOf(
  { scene: { acts, nu, nuOf } }: Pour,
  makeups: Readonly<Record<string, Makeup>>,
): readonly (Layer & { readonly mix: string })[] {
  return acts.flatMap((act) =>
    actOf(act)
      .brings(act, ANY_FACE)
      .map(({ mix, folds = 1 }) => {
        const makeup = makeups[mix];
        if (!makeup) throw new RangeError(`nobody said what "${mix}" is made of`);
        return { ...makeup, mix, folds, lnNu: Math.log(nuOf?.[mix] ?? nu) };
      }),
  );
}

/** What splits under the surface of a pixel of a plate, where there is paint and something drives it. */
export function splitIn(
  pour: Pour,
  { columns, cover, filmUm }: Plate,
  makeups: Readonly<Record<string, Makeup>>,
  factors: Factors,
): (pixel: number) => Split | undefined {
  const layers = layersOf(pour, makeups);
  return (i) => {
    const runs = columns.count[i]!;
    if (cover[i]! < 128 || runs === 0) return undefined;
    const um = filmUm[i]!;
    const column: [layer: Layer, um: number][] = [];
    let mix: string | undefined;
    let from = 0;
    const { strata, ends } = runsOf(columns, i);
    for (let n = 0; n < runs; n++) {
      const layer = layers[strata[n]!]!;
      const own = ((ends[n]! - from) / BOTTOM) * um;
      from = ends[n]!;
      // Strata of one mix are one film.
      if (layer.mix === mix) column.at(-1)![1] += own;
      else column.push([layer, own]);
      mix = layer.mix;
    }
    return splitOf(column, factors);
  };
}
