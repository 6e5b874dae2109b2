import { mid, type Spot, underM3 } from './disc';
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
  const m3Under = (from: typeof lay | Film, spots: readonly Spot[], others: readonly Spot[] = []) =>
    spots.reduce((all, spot, n) => all + underM3(from, spot, others[n]), 0);
  let stood: readonly Spot[] = [];
  let besideBefore = 0;
  let gone = 0;
  /** What was moved over and is still under it, m³, and its share of all that is. */
  let keptM3 = 0;
  let below = 0;

  /** When what leaves now came, as a share of the pour; below 0 it lay there from the first. */
  let past = 0;
  const cameAt = (): number => {
    if (gone < came[0]!) return (gone - came[0]!) / wholeM3;
    while (past < came.length - 2 && came[past + 1]! < gone) past++;
    const [from, to] = [came[past]!, came[past + 1] ?? came[past]!];
    const share = to > from ? Math.min(1, (gone - from) / (to - from)) : 1;
    return mid(at[past]!, at[past + 1] ?? at[past]!, share) / s;
  };

  return (t: number, spots: readonly Spot[], besideM3: number): Leaves => {
    const under = m3Under(film, spots);
    if (came.length === 0) came.push(under);
    else {
      // What ran out ahead and is met again has not left: only what lay there before is new to it.
      const moved = m3Under(lay, spots, stood);
      const fresh = Math.max(0, (wholeM3 * (t - at.at(-1)!)) / s - (besideM3 - besideBefore));
      came.push(came.at(-1)! + fresh + moved);
      const left = Math.max(0, came.at(-1)! - under - gone);
      const uncovered = Math.min(left, m3Under(film, stood, spots));
      keptM3 += moved - uncovered * below - (left - uncovered) * fluxBelow(below, 0);
      gone += left;
    }
    at.push(t);
    stood = spots;
    besideBefore = besideM3;
    below = under > 0 ? Math.min(1, Math.max(0, keptM3 / under)) : 0;
    const share = cameAt();
    return { s: share, below: share < 0 ? 0 : below };
  };
}
