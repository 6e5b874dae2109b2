import { type Outcome, runOffMl } from '../../flow/outcome';
import type { Brief } from '../brief/brief';
import { openPlan } from '../document/open';
import type { Plan } from '../document/schema';
import { amount } from './amount';
import type { Decision, Variant } from './define';
import { order } from './order';
import { shares } from './shares';
import { tilts } from './tilts';

/** Something asked for of how a plan turns out. */
export interface AskFor {
  readonly key: string;
  /** As one asks for it: "calmer". */
  readonly says: string;
  /** The more of it the better: a share, about 0 to 1. */
  readonly of: (outcome: Outcome) => number;
}

/** What of a plan the search is free to change. */
const FREE: readonly Decision[] = [order, shares, amount, tilts];

/** No more pours than this are tried for one wish. */
const MOST_TRIES = 60;
/** So many of the best single changes are put together in pairs. */
const PAIRED = 6;
/** What is found, at the most. */
const FOUND = 3;
/** A share that the cover may fall by without a word, and what any further fall costs, in shares of what is wished for. */
const [COVER_LETS, COVER_COSTS] = [0.002, 5];
/** Between the changes of a try, in its key. */
const AND = ' + ';
/** Less of a gain than this is chance. */
const LEAST_GAIN = 0.004;

/** What may be asked for of a plan: in general, then more of each of its colours. */
export function asksFor(plan: Plan): readonly AskFor[] {
  const { mixName } = openPlan(plan);
  return [
    { key: 'calmer', says: 'Calmer', of: ({ read }) => read?.calm ?? 0 },
    { key: 'busier', says: 'Busier', of: ({ read }) => -(read?.calm ?? 0) },
    { key: 'cells', says: 'More cells', of: ({ cells }) => cells?.share ?? 0 },
    { key: 'fewer cells', says: 'Fewer cells', of: ({ cells }) => -(cells?.share ?? 0) },
    {
      key: 'cover',
      says: 'Cover the corners',
      of: ({ coveredShare, bareMm }) => coveredShare - 0.05 * bareMm.length,
    },
    {
      key: 'waste',
      says: 'Less waste',
      of: (outcome) => -runOffMl(outcome) / Math.max(1, outcome.laidMl),
    },
    ...plan.budget.shares.map(({ mix }) => ({
      key: `more ${mix}`,
      says: `More ${mixName(mix)}`,
      of: ({ shows }: Outcome) => shows[mix] ?? 0,
    })),
  ];
}

/** A plan that is tried for a wish: one change, or two. */
export interface Tried {
  readonly key: string;
  readonly says: string;
  readonly plan: Plan;
}

interface Change extends Variant {
  readonly decision: string;
}

const changesOf = (plan: Plan, brief: Brief): readonly Change[] =>
  FREE.flatMap((decision) =>
    decision
      .variants(plan, brief)
      .map((v): Change => ({ ...v, key: `${decision.id} ${v.key}`, decision: decision.id })),
  );

/** Every single change of what is free. */
export const firstTries = (plan: Plan, brief: Brief): readonly Tried[] =>
  changesOf(plan, brief)
    .slice(0, MOST_TRIES)
    .map(({ key, says, make }) => ({ key, says, plan: make(plan) }));

/** The best of the single changes two by two, as many as there are tries left. */
export function furtherTries(
  plan: Plan,
  brief: Brief,
  wish: AskFor,
  planned: Outcome,
  outcomeOf: (key: string) => Outcome | undefined,
): readonly Tried[] {
  const all = changesOf(plan, brief);
  const best = all
    .flatMap((change) => {
      const outcome = outcomeOf(change.key);
      return outcome ? [{ change, gain: gainOf(wish, planned, outcome) }] : [];
    })
    .filter(({ gain }) => gain > 0)
    .sort((a, b) => b.gain - a.gain)
    .slice(0, PAIRED);
  return best
    .flatMap(({ change: a }, n) =>
      best.slice(n + 1).flatMap(({ change: b }) =>
        a.decision === b.decision
          ? []
          : [
              {
                key: `${a.key}${AND}${b.key}`,
                says: `${a.says}, and ${b.says[0]!.toLowerCase()}${b.says.slice(1)}`,
                plan: b.make(a.make(plan)),
              },
            ],
      ),
    )
    .slice(0, Math.max(0, MOST_TRIES - all.length));
}

/** How much nearer to a wish a pour comes than the plan's own; what it uncovers counts against it. */
function gainOf({ of }: AskFor, planned: Outcome, outcome: Outcome): number {
  const uncovers = Math.max(0, planned.coveredShare - outcome.coveredShare - COVER_LETS);
  return of(outcome) - of(planned) - COVER_COSTS * uncovers;
}

/** A plan that comes nearer to a wish, and what it costs. */
export interface Found extends Tried {
  readonly gain: number;
  readonly outcome: Outcome;
}

/** The best three of what was tried, no two of them by the same change; none that does no better than the plan it began with. */
export function askedBest(
  ask: AskFor,
  planned: Outcome,
  tried: readonly Tried[],
  outcomeOf: (key: string) => Outcome | undefined,
): readonly Found[] {
  const better = tried
    .flatMap((one): Found[] => {
      const outcome = outcomeOf(one.key);
      return outcome ? [{ ...one, outcome, gain: gainOf(ask, planned, outcome) }] : [];
    })
    .filter(({ gain }) => gain >= LEAST_GAIN)
    .sort((a, b) => b.gain - a.gain);
  const found: Found[] = [];
  const used = new Set<string>();
  for (const one of better) {
    const changes = one.key.split(AND);
    if (found.length === FOUND || changes.some((change) => used.has(change))) continue;
    changes.forEach((change) => used.add(change));
    found.push(one);
  }
  return found;
}
