import { byRows } from '../by-rows';
import { chance, normal } from '../noise';
import { CAUSE_IDS } from './cause';
import { placeMm, type Places } from './course';
import { filed } from './filed';
import { LONGEST_S } from './forecast';
import type { PaintCell } from './paint-cell';
import { leftFor, type Ripe } from './ripen';
import { SEEN, WOBBLE } from './seen-in';
import type { Split } from './split';
import { areaOf, leastStretch, lengthOf, scaled } from './stretch';
import { takenSquares } from './taken';

/**
 * How unlike the cells of one place are: spread of their radii, ln, how much smaller one may be where its neighbours leave it no more room, and
 * how often places are tried for it. What is seen of them comes out as CV 0.27 to 0.33, 0.14 to 0.17 with oil, and 0.4 under a thin film
 * (science-flow, 13), a part of it from their paces: under a thin film small ones open in the webs between the large.
 */
const PLAIN = { spread: 0.3, squeezed: 0.5, tries: 6 };
const OILY = { spread: 0.14, squeezed: 0.8, tries: 6 };
const LACE = { spread: 0.3, squeezed: 0.45, tries: 12 };
/** A film is thin up to this share of all, and thick from that one (judgement). */
const THIN = 0.1;
const THICK = 0.25;

function chancesOf({ lifts, aboveUm, um }: Split): typeof PLAIN {
  if (lifts.oil > 0) return OILY;
  const thin = Math.min(1, Math.max(0, (THICK - aboveUm / um) / (THICK - THIN)));
  const between = (key: keyof typeof PLAIN) => PLAIN[key] + thin * (LACE[key] - PLAIN[key]);
  return {
    spread: between('spread'),
    squeezed: between('squeezed'),
    tries: between('tries'),
  };
}

const PACES = 0.2;
const paceOf = (luck: number): number => 1 + PACES * (2 * luck - 1);
/** So small cells are dust, mm. */
const LEAST_MM = 0.6;
/** Where less has thinned than this nothing has turned over, times e. */
const LEAST_THINNED = 0.5;
/** Places tried between two yields. */
const AT_A_TIME = 500;
/** Cells stand so far apart that their outlines do not meet. */
const APART = 1.04;

/** A place where cells may come to stand, and how many are tried for there; `ever`: see `everThinned`. */
interface Ground {
  readonly own: Ripe;
  readonly ever: number;
  readonly chances: ReturnType<typeof chancesOf>;
  readonly place: number;
  readonly tries: number;
  readonly order: number;
}

/**
 * Sets cells on a finished pour, as many as there is room for: each as large as the wave that made it, drawn out as it was since. Chances are
 * those of the seed, and of the place. A generator: it yields now and then.
 */
export function* nucleate(
  places: Places,
  ripe: readonly (Ripe | undefined)[],
  seed: number,
): Generator<number, readonly PaintCell[]> {
  const cells: PaintCell[] = [];
  const { pitchMm } = places;
  const file = filed();
  const { isTaken, take } = takenSquares(places);
  const grounds: Ground[] = [];
  ripe.forEach((own, place) => {
    if (!own) return;
    const ever = everThinned(own);
    if (paceOf(1) * ever < Math.max(LEAST_THINNED, SEEN * own.tears)) return;
    const radius = 0.5 * own.waveMm * Math.sqrt(1 / Math.max(1e-3, areaOf(own.back)));
    if (radius < LEAST_MM) return;
    const chances = chancesOf(own.split);
    const wanted = (chances.tries * pitchMm * pitchMm) / (Math.PI * radius * radius);
    const tries = Math.floor(wanted + chance(place, 0, 0, seed));
    grounds.push({ own, ever, chances, place, tries, order: chance(place, 0, 1, seed) });
  });
  grounds.sort((a, b) => a.order - b.order);
  const attempt = (
    { own, ever, chances: { spread, squeezed }, place }: Ground,
    k: number,
  ): void => {
    const luck = (what: number) => chance(place, k, what, seed);
    const [x, y] = placeMm(places, place);
    // Anywhere nearer to it than the next place, and the likelier the nearer: so where cells may stand does not end in a row of them.
    const off = (one: number, other: number) => pitchMm * (luck(one) + luck(other) - 1);
    const atMm = [x + off(2, 10), y + off(3, 11)] as const;
    if (isTaken(...atMm)) return;
    const pace = paceOf(luck(7));
    if (pace * ever < SEEN * own.tears) return;
    const wanted = 0.5 * own.waveMm * Math.exp(spread * normal(luck(4), luck(5), luck(6)));
    // As large as its neighbours leave it room.
    const room = roomFor(file, atMm, own.back, wanted, squeezed);
    if (room < squeezed) return;
    const radius = wanted * room;
    const radiusMm = radius / Math.sqrt(Math.max(1e-3, areaOf(own.back)));
    if (radiusMm < LEAST_MM) return;
    const toRound = scaled(own.back, 1 / radius);
    const reachMm = (1 + 1.6 * WOBBLE) / leastStretch(toRound);
    const cell: PaintCell = {
      atMm,
      toRound,
      wobble: [2 * Math.PI * luck(8), 2 * Math.PI * luck(9)],
      reachMm,
      radiusMm,
      ripe: own,
      pace,
      cause: CAUSE_IDS.reduce((a, b) => (own.split.lifts[b] > own.split.lifts[a] ? b : a)),
    };
    cells.push(cell);
    file.add(cell);
    take(cell);
  };
  // Round by round, in each once at every place that has tries left.
  const rounds = grounds.reduce((most, { tries }) => Math.max(most, tries), 0);
  const rows = Math.ceil(grounds.length / AT_A_TIME);
  yield* byRows(rounds * rows, (n) => {
    const k = Math.floor(n / rows);
    const from = (n % rows) * AT_A_TIME;
    for (const ground of grounds.slice(from, from + AT_A_TIME))
      if (k < ground.tries) attempt(ground, k);
  });
  return cells;
}

/** What a place comes to in the end, or would, left for the longest that anybody is told of. */
const everThinned = (ripe: Ripe): number => Math.max(ripe.thinned, leftFor(ripe, LONGEST_S));

/** By how much a cell of this radius, drawn out so, must be smaller to stand beside those there are; at most 1, and not told once it is less than the least. */
function roomFor(
  { near }: ReturnType<typeof filed>,
  [x, y]: readonly [number, number],
  back: Ripe['back'],
  radius: number,
  least: number,
): number {
  let room = 1;
  const reach = radius / leastStretch(back);
  for (const square of near(x, y, reach))
    for (const other of square) {
      const dx = x - other.atMm[0];
      const dy = y - other.atMm[1];
      const away = Math.sqrt(dx * dx + dy * dy);
      if (away >= reach + other.reachMm) continue;
      const own = radius / lengthOf(back, dx / away, dy / away);
      const others = 1 / lengthOf(other.toRound, dx / away, dy / away);
      room = Math.min(room, (away / APART - others) / own);
      if (room < least) return room;
    }
  return room;
}
