import { type Account, accountOf, type Whereabouts } from '../../flow/account';
import type { CellsThen } from '../../flow/cell';
import { type Finished, finish, workbench } from '../../flow/job';
import type { Engine } from '../../flow/engine';
import { SIDES, type Side } from '../../flow/ground';
import type { LimbTold } from '../../flow/limbs';
import type { Settled } from '../../flow/outcome';
import { actOf } from '../../flow/act';
import { runOffOf } from '../../remark';
import { type Brief, brief } from '../brief/brief';
import type { Plan } from '../document/schema';
import { pourAskOf, type Preview, previewOf } from './preview';

/** What came of one pour, as commands and the API tell it. */
interface SettledTold {
  /** Share of the face that is wet, 0..1. */
  readonly covered: number;
  /** Corners, or points round the rim, that stay bare, mm. */
  readonly bare: readonly (readonly [number, number])[];
  /** Parts that want paint of their own, such as strokes of letters; absent where the face is one. */
  readonly limbs?: readonly LimbTold[];
  readonly filmMm: { readonly min: number; readonly mean: number; readonly max: number };
  readonly runOffG: Readonly<Record<Side, number>> & { readonly total: number };
  /** Cells that opened. */
  readonly cells: CellsThen;
}

/** What came of a computed plan, for one piece. */
export interface PourTold extends SettledTold {
  /** What was poured on it once it had dried, pour by pour; absent where nothing was. */
  readonly later?: readonly (SettledTold & { readonly stage: number })[];
  /**
   * Of each mix, over all pours: what was poured or laid, where that is in the end, each counted on its own, and what share of what is seen
   * it makes.
   */
  readonly mixes: Readonly<
    Record<string, Whereabouts & { readonly pouredMl: number; readonly shows: number }>
  >;
}

const NOWHERE: Whereabouts = { faceMl: 0, edgesMl: 0, runOffMl: 0, takenMl: 0 };

/** Puts an outcome into words of the trade: grams over each side, millilitres of each mix. */
function tell(
  plan: Plan,
  brief: Brief,
  { scene, over }: Preview,
  { outcome }: Finished,
  accounts: readonly Account[],
): PourTold {
  const face = {
    areaCm2: brief.surface.areaCm2 / brief.surface.pieces,
    outlineMm: brief.surface.outlineMm,
  };
  const poured = new Map<string, number>();
  for (const act of [scene, ...over.map((one) => one.scene)].flatMap(({ acts }) => acts))
    for (const { mix, ml } of actOf(act).brings(act, face))
      poured.set(mix, (poured.get(mix) ?? 0) + ml);
  const settled = (of: Settled): SettledTold => {
    const { sides, overEdgeG } = runOffOf(brief.surface, brief.budget, of);
    return {
      covered: of.coveredShare,
      bare: of.bareMm,
      ...(of.limbs ? { limbs: of.limbs } : {}),
      filmMm: {
        min: of.film.thinnestMm,
        mean: of.film.meanMm,
        max: of.film.thickestMm,
      },
      runOffG: {
        ...(Object.fromEntries(SIDES.map((side) => [side, sides[side]])) as Record<Side, number>),
        total: overEdgeG,
      },
      cells: cellsOf(of),
    };
  };
  return {
    ...settled(outcome),
    ...(outcome.later
      ? { later: outcome.later.map((one) => ({ stage: one.stage, ...settled(one) })) }
      : {}),
    mixes: Object.fromEntries(
      plan.mixes.map(({ id }) => [
        id,
        {
          pouredMl: poured.get(id) ?? 0,
          ...together(accounts.map(({ mixes }) => mixes[id] ?? NOWHERE)),
          shows: outcome.shows[id] ?? 0,
        },
      ]),
    ),
  };
}

const cellsOf = ({ cells }: Settled): CellsThen => {
  const { count = 0, medianMm = 0, spread = 0, share = 0 } = cells ?? {};
  return { count, medianMm, spread, share };
};

const together = (parts: readonly Whereabouts[]): Whereabouts =>
  parts.reduce(
    (sum, part) => ({
      faceMl: sum.faceMl + part.faceMl,
      edgesMl: sum.edgesMl + part.edgesMl,
      runOffMl: sum.runOffMl + part.runOffMl,
      takenMl: sum.takenMl + part.takenMl,
    }),
    NOWHERE,
  );

/**
 * Computes a plan's pour from beginning to end: what came of it, and its picture. It takes a second or more, so not where anybody
 * waits for something else; `pourJob` is the same in steps.
 * @param px longer side of the picture
 * @param heard the share done of what is being done
 */
export function computePour(
  plan: Plan,
  engine: Engine,
  { px, seed }: { readonly px: number; readonly seed?: number },
  heard?: (share: number) => void,
): { readonly told: PourTold; readonly finished: Finished } {
  const computed = brief(plan);
  const preview = previewOf(plan, computed, seed);
  const bench = workbench(engine);
  const finished = finish(bench, { ...pourAskOf(preview), pixels: [px] }, heard);
  const accounts = [bench.poured!, ...(bench.over ?? [])].map(({ pour, kernel }) => {
    const counting = accountOf(pour, kernel);
    let step = counting.next();
    for (; !step.done; step = counting.next()) heard?.(step.value);
    return step.value;
  });
  return { told: tell(plan, computed, preview, finished, accounts), finished };
}
