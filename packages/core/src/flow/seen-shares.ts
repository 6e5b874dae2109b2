import type { Plate } from './develop';
import { BINS, emptyColumn, filmsOf, type Palette, readColumn } from './films';

/** A fourth of a plate larger than this tells the shares as well as all of it, px. */
const LARGE = 40_000;

/** A pour as it is looked at, with the mix of each of its strata, as `mixesOf` numbers them. */
export interface Seen {
  readonly plate: Plate;
  readonly mixOf: readonly string[];
}

/**
 * How much of what is seen of the wet surface each mix makes, by mix; with the bare ground seen through thin paint they sum to 1.
 * A film takes, of the light that gets down to it, what it does not let through and back.
 * @param pours on one another, the first first, all developed to one size
 */
export function seenShares(pours: readonly Seen[], palette: Palette): Record<string, number> {
  const fromTop = pours
    .map(({ plate, mixOf }) => {
      const films = filmsOf(mixOf, palette);
      return { plate, films, seen: new Float64Array(films.names.length) };
    })
    .reverse();
  const [{ plate }] = pours as readonly [Seen, ...Seen[]];
  const column = emptyColumn();
  let pixels = 0;
  const step = plate.on.length > LARGE ? 2 : 1;
  for (let k = 0; k < Math.floor(plate.on.length / step / step); k++) {
    const across = Math.ceil(plate.width / step);
    const i = Math.floor(k / across) * step * plate.width + (k % across) * step;
    let left = 1;
    let wet = false;
    for (const { plate: of, films, seen } of fromTop) {
      if (!(of.cover[i]! >= 128) || of.columns.count[i] === 0) continue;
      wet = true;
      readColumn(of, i, films, column);
      for (let n = 0; n < column.count; n++) {
        const ink = column.inks[n]!;
        const through = films.through[ink * BINS + column.bins[n]!]!;
        seen[ink] = seen[ink]! + left * (1 - through);
        left *= through;
      }
    }
    if (wet) pixels++;
  }
  const shares: Record<string, number> = {};
  for (const { films, seen } of fromTop)
    films.names.forEach((name, n) => {
      shares[name] = (shares[name] ?? 0) + (pixels > 0 ? seen[n]! / pixels : 0);
    });
  return shares;
}
