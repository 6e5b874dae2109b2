import { openBook } from '../material/book';
import { mediumsToMake, type MediumToMake } from '../mix/mediums-to-make';
import type { WeighStep } from '../mix/weigh';
import type { Mix } from '../mix/schema';
import type { Brief } from '../plan/brief/brief';
import type { Plan } from '../plan/document/schema';

export interface BatchPlan {
  readonly id: string;
  readonly title: string;
  readonly plan: Plan;
  readonly brief: Brief;
}

/** One mix made for several plans at once, and how it is shared out. */
export interface BatchLine {
  readonly name: string;
  readonly g: number;
  readonly ml: number;
  readonly steps: readonly WeighStep[];
  readonly to: readonly {
    readonly plan: string;
    readonly mix: string;
    readonly title: string;
    readonly g: number;
    readonly pieces: number;
    readonly perPieceG: number;
  }[];
}

/**
 * Several plans mixed together: mixes of the same recipe become one, weighed up as the sum of what each plan weighs, so that shares add up to
 * the gram. Mixes that differ in anything but their name stay apart.
 */
export function batchOf(plans: readonly BatchPlan[]): BatchLine[] {
  const lines = new Map<string, BatchLine>();
  for (const { id, title, plan, brief } of plans)
    for (const made of brief.mixes) {
      const mix = plan.mixes.find((m) => m.id === made.id);
      if (!mix || made.g <= 0) continue;
      const key = recipeKey(mix, plan);
      const { pieces } = brief.surface;
      const share = { plan: id, mix: mix.id, title, g: made.g, pieces, perPieceG: made.g / pieces };
      const line = lines.get(key);
      lines.set(
        key,
        line
          ? {
              ...line,
              g: line.g + made.g,
              ml: line.ml + made.ml,
              steps: summed(line.steps, made.steps),
              to: [...line.to, share],
            }
          : { name: mix.name, g: made.g, ml: made.ml, steps: made.steps, to: [share] },
      );
    }
  return [...lines.values()].sort((a, b) => b.to.length - a.to.length || b.g - a.g);
}

/** Mediums to be made before such a batch, enough for all of its plans. */
export function batchMediums(
  plans: readonly BatchPlan[],
  stepG: number,
  ready?: Readonly<Record<string, number>>,
): MediumToMake[] {
  const book = openBook(
    plans.flatMap((p) => p.plan.materials ?? []),
    plans.flatMap((p) => p.plan.mediums ?? []),
  );
  return mediumsToMake(
    plans.flatMap((p) => p.brief.mixes.flatMap((m) => m.steps)),
    book,
    stepG,
    ready,
  );
}

/** What really went into a batch, shared out as it was planned: what each plan had of each thing, g. */
export const sharedOut = (
  line: BatchLine,
  of: readonly { readonly material: string; readonly g: number }[],
): {
  readonly plan: string;
  readonly mix: string;
  readonly of: { material: string; g: number }[];
}[] =>
  line.to.map(({ plan, mix, g }) => ({
    plan,
    mix,
    of: of.map((a) => ({ material: a.material, g: tidy((a.g * g) / line.g) })),
  }));

/** All that makes a mix what it is, as one text: the paints themselves, not only their ids, since plans carry copies. */
function recipeKey({ id: _, name: __, ...recipe }: Mix, plan: Plan): string {
  const paints = recipe.paints.map((p) => plan.paints.find((q) => q.id === p.paint));
  const medium = plan.mediums?.find((m) => m.id === recipe.medium?.id);
  return JSON.stringify([recipe, paints, medium]);
}

function summed(a: readonly WeighStep[], b: readonly WeighStep[]): WeighStep[] {
  const all = [...a];
  for (const step of b) {
    const at = all.findIndex((s) => s.material === step.material);
    const same = all[at];
    if (!same) all.push(step);
    else
      all[at] = {
        ...same,
        g: tidy(same.g + step.g),
        ml: same.ml + step.ml,
        ...(same.drops === undefined && step.drops === undefined
          ? {}
          : { drops: (same.drops ?? 0) + (step.drops ?? 0) }),
      };
  }
  let reads = 0;
  return all.map((s) => {
    // Oil is counted in drops and not in the reading.
    if (s.drops === undefined) reads = tidy(reads + s.g);
    return { ...s, scaleReadsG: reads };
  });
}

const tidy = (g: number): number => Number(g.toFixed(6));
