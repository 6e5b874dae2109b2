import type { Plate } from './develop';
import { BINS, emptyColumn, filmsOf, type Palette, readColumn } from './films';

/** A fourth of a plate larger than this tells the shares as well as all of it, px. */
const LARGE = 40_000;

/**
 * How much of what is seen of the wet surface each mix makes, by mix; with the bare ground seen through thin paint they sum to 1.
 * A film takes, of the light that gets down to it, what it does not let through and back.
 */
export function seenShares(
  plate: Plate,
  mixOf: readonly string[],
  palette: Palette,
): Record<string, number> {
  const films = filmsOf(mixOf, palette);
  const column = emptyColumn();
  const seen = new Float64Array(films.names.length);
  let pixels = 0;
  const step = plate.on.length > LARGE ? 2 : 1;
  for (let k = 0; k < Math.floor(plate.on.length / step / step); k++) {
    const across = Math.ceil(plate.width / step);
    const i = Math.floor(k / across) * step * plate.width + (k % across) * step;
    if (!(plate.cover[i]! >= 128) || plate.columns.count[i] === 0) continue;
    readColumn(plate, i, films, column);
    pixels++;
    let left = 1;
    for (let n = 0; n < column.count; n++) {
      const ink = column.inks[n]!;
      const through = films.through[ink * BINS + column.bins[n]!]!;
      seen[ink] = seen[ink]! + left * (1 - through);
      left *= through;
    }
  }
  return Object.fromEntries(
    films.names.map((name, k) => [name, pixels > 0 ? seen[k]! / pixels : 0]),
  );
}
