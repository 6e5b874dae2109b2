import { filmOfCoverageMm, type Sheets, sheetsWith } from '../../coat';
import { COAT_MM, coatMove, type Move, taskMove, taskOf, verbOf } from '../../verb';
import { isLastTask } from '../beginning/moves';
import { openPlan } from '../document/open';
import type { Plan } from '../document/schema';
import { freeId } from './list';

/** A top coat as it is asked for. */
export interface CoatAsk {
  readonly product: keyof Sheets;
  /** One after another, each once the sheet allows it. */
  readonly coats: number;
  readonly filmMm: number;
  /** What is stirred in, and how much of it to 100 mL, g. */
  readonly extra?: { readonly of: 'glitter' | 'flakes' | 'powder'; readonly gPer100Ml: number };
  /** How bubbles are got out of what is poured on. */
  readonly pop: 'flame' | 'warm air' | 'pin';
}

/** How thick a coat of a plan usually lies, by its sheet where that says how far it goes. */
export const usualCoatMm = (plan: Plan, product: keyof Sheets): number =>
  product === 'varnish'
    ? Number(filmOfCoverageMm(sheetsWith(plan.sheets).varnish.m2PerL).toFixed(3))
    : COAT_MM[product];

/**
 * Sets a top coat on what is there by then, as stages of its own: oil off first where there was oil, which dries before the coat; each coat, its bubbles
 * and its cover where it is poured; and the wait after. Tape on the back stays until a poured coat is set, and is peeled warm. All of it is the
 * artist's own: the technique does not write over it.
 */
export function addCoat(plan: Plan, ask: CoatAsk): Plan {
  const ids: string[] = [];
  const own = (move: Move): Move => {
    const id = freeId(move.id, ids);
    ids.push(id);
    return { ...move, id, own: true };
  };
  const poured = ask.product === 'resin';
  const dry = (until: 'touch' | 'coat' | 'cured'): Move => ({
    id: `dry-${until}`,
    verb: 'dry',
    until,
  });
  const coat = {
    ...coatMove('coat', ask.product, ask.filmMm),
    ...(ask.extra ? { extra: ask.extra.of, extraGPer100Ml: ask.extra.gPer100Ml } : {}),
  } as Move;
  const one: Move[] = [
    coat,
    ...(poured
      ? ([
          { id: 'pop', verb: 'pop', tool: ask.pop },
          { id: 'shelter', verb: 'shelter' },
        ] as Move[])
      : []),
  ];
  const coated = plan.moves.some((m) => verbOf(m).coats);
  const oily = !coated && openPlan(plan).oily;
  const wiped = plan.moves.some((m) => verbOf(m).takesOilOff);
  const taped = poured && plan.moves.some((m) => taskOf(m) === 'peel-tape');
  // What is ticked off at the end, as sanding the back, waits for the last coat (handbook 11).
  const last = plan.moves.filter((m) => isLastTask(taskOf(m)));
  const rest = plan.moves.filter(
    (m) => !isLastTask(taskOf(m)) && !(taped && taskOf(m) === 'peel-tape'),
  );
  // The wait there is becomes the wait for this coat, by the artist's school or by the sheet of the coat below.
  const waits = rest.at(-1) && verbOf(rest.at(-1)!).setsFilm === true;
  const before = waits ? rest.slice(0, -1) : rest;
  ids.push(...[...before, ...last].map(({ id }) => id));
  const moves = [
    dry('coat'),
    ...(oily && !wiped ? [{ id: 'wipe', verb: 'wipe', times: 2 } as Move, dry('touch')] : []),
    ...Array.from({ length: ask.coats }, (_, i) => [
      ...one,
      ...(i + 1 < ask.coats ? [dry('coat')] : [dry('touch')]),
    ]).flat(),
    ...(taped ? [taskMove('peel-warm')] : []),
    dry('cured'),
  ].map(own);
  return { ...plan, moves: [...before, ...moves, ...last] };
}
