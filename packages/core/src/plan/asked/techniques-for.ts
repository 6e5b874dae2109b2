import { idsOf } from '../../registry';
import {
  type AnyTechnique,
  chosenTechnique,
  type OwnTechnique,
  type Sight,
  TECHNIQUES,
  type TechniqueId,
} from '../../technique';
import { type Move, secondsOf, type Tool, verbOf } from '../../verb';
import type { Plan } from '../document/schema';
import { setTechnique } from '../edit/technique';
import { setTechniqueSettings } from '../edit/moves';

/** What an artist wants to see, and has. */
export interface Wish {
  readonly sight?: Sight;
  /** Tools there are; all where nothing is said. */
  readonly has?: readonly Tool[];
  /** Time there is until it is left to rest or dry, min. */
  readonly minutes?: number;
}

/** A technique for a plan, of the catalogue or of the artist's own: the plan as it would be, what would have to change, and what speaks against it. */
export interface TechniqueFor {
  /** What parts it from all others. */
  readonly key: string;
  readonly technique: AnyTechnique;
  /** The artist's own it is; absent for one of the catalogue. */
  readonly own?: OwnTechnique;
  readonly plan: Plan;
  readonly changes: readonly string[];
  /** Tools it wants that are not there. */
  readonly lacks: readonly Tool[];
  /** Minutes of work, up to the last thing a hand does before it dries. */
  readonly minutes: number;
  /** Whether it shows what is wished for, comes without what is lacking, and within the time. */
  readonly fits: boolean;
}

/**
 * Every technique for a plan, the nearest to fit first: what shows the wish before what does not, what can be done with what there is before
 * what cannot, then what changes least. The plan's own comes with nothing changed.
 */
export function techniquesFor(
  plan: Plan,
  { sight, has, minutes }: Wish = {},
  owned: readonly OwnTechnique[] = [],
): TechniqueFor[] {
  const offered: readonly { readonly id: TechniqueId; readonly own?: OwnTechnique }[] = [
    ...owned.map((own) => ({ id: own.began, own })),
    ...idsOf(TECHNIQUES).map((id) => ({ id })),
  ];
  const all = offered.map(({ id, own }): TechniqueFor & { readonly shows: number } => {
    const set = setTechnique(plan, id, own?.sequence);
    const technique = chosenTechnique(set.plan);
    const without = has === undefined ? set.plan : withoutTorch(set.plan, technique, has);
    const wanted = toolsOf(without.moves);
    const lacks = has === undefined ? [] : wanted.filter((tool) => !has.includes(tool));
    const takes = workMinutes(without.moves);
    const at = sight === undefined ? 0 : technique.sights.indexOf(sight);
    return {
      key: techniqueKey({ technique: { id }, ...(own ? { sequence: own.sequence } : {}) }),
      technique,
      ...(own ? { own } : {}),
      plan: without,
      changes: set.changed,
      lacks,
      minutes: takes,
      fits: at >= 0 && lacks.length === 0 && (minutes === undefined || takes <= minutes),
      shows: at < 0 ? Infinity : at,
    };
  });
  return all
    .sort(
      (a, b) =>
        Number(b.fits) - Number(a.fits) ||
        rank(a.shows) - rank(b.shows) ||
        a.lacks.length - b.lacks.length ||
        a.changes.length - b.changes.length,
    )
    .map(({ shows: _, ...technique }) => technique);
}

/** What parts how one plan is poured from how others are. */
export const techniqueKey = ({
  technique,
  sequence,
}: {
  readonly technique: { readonly id: TechniqueId };
  readonly sequence?: { readonly name: string };
}): string => (sequence ? `own ${sequence.name}` : technique.id);

/** Shown first, shown beside something else, not shown. */
const rank = (at: number): number => (at === Infinity ? 2 : Math.min(1, at));

/** Where there is no torch, a technique that can do without is set to. */
function withoutTorch(plan: Plan, { settings }: AnyTechnique, has: readonly Tool[]): Plan {
  const { torch } = settings;
  return !has.includes('torch') && torch?.kind === 'choice' && torch.of.includes('none')
    ? setTechniqueSettings(plan, { torch: 'none' })
    : plan;
}

const toolsOf = (moves: readonly Move[]): Tool[] => [
  ...new Set(moves.flatMap((move) => verbOf(move).wants?.(move) ?? [])),
];

/** Minutes from the first thing done to the last before it is left alone: a rest at the end costs nobody anything. */
function workMinutes(moves: readonly Move[]): number {
  const dries = moves.findIndex((move) => verbOf(move).setsFilm);
  const wet = dries < 0 ? moves : moves.slice(0, dries);
  const last = wet.map((move) => !verbOf(move).waits).lastIndexOf(true);
  const s = wet
    .slice(0, last + 1)
    .reduce(
      (sum, move) =>
        move.with === undefined ? sum + secondsOf(move) + (verbOf(move).standsS?.(move) ?? 0) : sum,
      0,
    );
  return Math.ceil(s / 60);
}
