import { type Spot, underM3 } from './disc';
import type { Film } from './film';
import { fluxBelow } from './profile';

/** What leaves a mouth on the surface, as its spots tell it: see `Spot`. */
type Leaves = Required<Pick<Spot, 's' | 'below'>>;

/**
 * Follows what comes and goes under a mouth that stands on the surface and fills the film to the ground. First in, first out: what lay there first,
 * then the cup's paint as it comes. Nothing goes in again, so what has left never grows less. What the mouth moves over lies below
 * the cup's paint: it is left behind as the mouth moves off it, and little of it runs out under the rim, for a film is slowest at the ground.
 * @param wholeM3 what the cup holds; all of it comes evenly in `s` seconds
 * @returns asked at times that never go back: the discs by then, and what had fallen beside the surface, m³
 */
export function mouth(film: Film, wholeM3: number, s: number) {
  const lay = { h: Float64Array.from(film.h), grid: film.grid };
  /** What had come under it each time, m³, and when. */
  const came: number[] = [];
  const at: number[] = [];
  let stood: readonly Spot[] = [];
  let besideBefore = 0;
  let gone = -Infinity;
  let goneAt = 0;
  let belowM3 = 0;
  let below = 0;
  const over = (from: Pick<Film, 'h' | 'grid'>, spots: readonly Spot[], others: readonly Spot[]) =>
    spots.reduce((all, spot, n) => all + underM3(from, spot, others[n]), 0);

  return (t: number, spots: readonly Spot[], besideM3: number): Leaves => {
    const under = over(film, spots, []);
    if (came.length === 0) {
      came.push(under);
      gone = 0;
    } else {
      // What ran out ahead and is met again has not left: only what lay there before is new to it.
      const moved = over(lay, spots, stood);
      const fresh = Math.max(0, (wholeM3 * (t - at.at(-1)!)) / s - (besideM3 - besideBefore));
      came.push(came.at(-1)! + fresh + moved);
      const left = Math.max(0, came.at(-1)! - under - gone);
      const uncovered = Math.min(left, over(film, stood, spots));
      belowM3 += moved - uncovered * below - (left - uncovered) * fluxBelow(below, 0);
      gone += left;
    }
    at.push(t);
    below = under > 0 ? Math.min(1, Math.max(0, belowM3 / under)) : 0;
    stood = spots;
    besideBefore = besideM3;
    const before = gone - came[0]!;
    if (before < 0) return { s: before / wholeM3, below: 0 };
    while (goneAt < came.length - 2 && came[goneAt + 1]! < gone) goneAt++;
    const [from, to] = [came[goneAt]!, came[goneAt + 1] ?? came[goneAt]!];
    const share = to > from ? Math.min(1, (gone - from) / (to - from)) : 1;
    const left = at[goneAt]! + ((at[goneAt + 1] ?? t) - at[goneAt]!) * share;
    return { s: left / s, below };
  };
}
