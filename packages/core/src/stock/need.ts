import { makeMedium } from '../mix/medium';
import type { WeighStep } from '../mix/weigh';
import { densityOf } from '../paint/property';
import { capital } from '../quantity/capital';
import type { Brief } from '../plan/brief/brief';
import { openPlan } from '../plan/document/open';
import type { Plan } from '../plan/document/schema';
import type { Surface } from '../surface/schema';
import type { Vessel } from '../vessel/schema';

/** Something a plan uses up or must have: poured, by volume and mass; or counted. */
export type Need =
  | {
      readonly kind: 'paint' | 'material' | 'medium' | 'finish';
      /** Paint, material or medium id, or the finishing product. */
      readonly id: string;
      readonly name: string;
      readonly ml: number;
      readonly g: number;
    }
  | { readonly kind: 'surface'; readonly surface: Surface; readonly count: number }
  | { readonly kind: 'vessel'; readonly vessel: Vessel; readonly count: number };

/**
 * All a plan needs, mediums of its own broken down to what goes into them. Water comes from the tap and is left out.
 * @param moreG of each mix so much more than the plan says, g
 */
export function needsOf(
  plan: Plan,
  brief: Brief,
  moreG: ReadonlyMap<string, number> = new Map(),
): Need[] {
  const open = openPlan(plan);
  const { book } = open;
  const made = new Set(brief.mediums.map((m) => m.id));
  const steps = [
    ...brief.mixes.map((m) =>
      plan.leftOf ? moreOf(m, moreThanLeft(m, plan), brief) : weighed(m, plan),
    ),
    ...(plan.leftOf ? [] : brief.mediums.map((m) => m.steps)),
    ...brief.mixes.map((m) => moreOf(m, moreG.get(m.id) ?? 0, brief)),
  ]
    .flat()
    .filter((s) => !made.has(s.material));
  const poured = new Map<string, { ml: number; g: number }>();
  for (const { material, ml, g } of steps) {
    if (material === 'water') continue;
    const sum = poured.get(material) ?? { ml: 0, g: 0 };
    poured.set(material, { ml: sum.ml + ml, g: sum.g + g });
  }
  const finishes = new Map<string, { ml: number; g: number }>();
  for (const { product, ml, g } of brief.run.flatMap((step) => step.takes)) {
    if (product === undefined) continue;
    const sum = finishes.get(product) ?? { ml: 0, g: 0 };
    finishes.set(product, { ml: sum.ml + ml, g: sum.g + g });
  }
  return [
    ...[...poured].map(([id, amount]): Need => {
      return open.hasPaint(id)
        ? { kind: 'paint', id, name: open.paint(id).name, ...amount }
        : {
            // A medium that is not to be made stands ready.
            kind: book.materialIds.includes(id) ? 'material' : 'medium',
            id,
            name: book.materialIds.includes(id) ? book.material(id).name : book.medium(id).name,
            ...amount,
          };
    }),
    { kind: 'surface', surface: plan.surface, count: plan.surface.pieces },
    ...vessels(plan),
    ...[...finishes].map(([id, amount]): Need => ({
      kind: 'finish',
      id,
      name: capital(id),
      ...amount,
    })),
  ];
}

/** What so much more of a mix takes, its mediums taken apart with it. */
function moreOf({ g, steps }: Brief['mixes'][number], moreG: number, brief: Brief): WeighStep[] {
  if (moreG === 0 || g === 0) return [];
  const scaled = (of: readonly WeighStep[], by: number): WeighStep[] =>
    of.flatMap((step) => {
      const medium = brief.mediums.find((m) => m.id === step.material);
      const wholeG = medium?.steps.reduce((sum, s) => sum + s.g, 0) ?? 0;
      return medium && wholeG > 0
        ? scaled(medium.steps, (by * step.g) / wholeG)
        : [{ ...step, g: step.g * by, ml: step.ml * by }];
    });
  return scaled(steps, moreG / g);
}

/** Of a mix that is what was left of another pour, what has to be mixed besides, g. */
const moreThanLeft = ({ id, g }: Brief['mixes'][number], { leftOf }: Plan): number =>
  Math.max(0, g - (leftOf?.of.find((left) => left.mix === id)?.g ?? 0));

/** The steps of a mix, with what really went in where it has been weighed. */
function weighed({ id, steps }: Brief['mixes'][number], plan: Plan): readonly WeighStep[] {
  const actual = plan.made?.find((m) => m.mix === id)?.of;
  if (!actual) return steps;
  const asked = steps.map((step) => {
    const g = actual.filter((a) => a.material === step.material).reduce((sum, a) => sum + a.g, 0);
    return step.drops === undefined && step.g > 0
      ? { ...step, g, ml: (step.ml * g) / step.g }
      : step;
  });
  // What was added at the table and stands in no recipe.
  const more = actual.flatMap(({ material, g }): WeighStep[] =>
    steps.some((s) => s.material === material)
      ? []
      : [{ material, g, ml: g / densityIn(plan, material), scaleReadsG: 0 }],
  );
  return [...asked, ...more];
}

function densityIn(plan: Plan, id: string): number {
  const { book, hasPaint, paint } = openPlan(plan);
  if (hasPaint(id)) return densityOf(paint(id));
  return book.materialIds.includes(id)
    ? book.material(id).densityGPerMl
    : makeMedium(id, book).densityGPerMl;
}

/** Cups by their measures; one is used again for every piece of a set. */
function vessels({ cups }: Plan): Need[] {
  const found: { vessel: Vessel; count: number }[] = [];
  for (const { vessel } of cups) {
    const same = found.find((f) => sameVessel(f.vessel, vessel));
    if (same) same.count++;
    else found.push({ vessel, count: 1 });
  }
  return found.map((f) => ({ kind: 'vessel', ...f }));
}

export const sameVessel = (a: Vessel, b: Vessel): boolean =>
  a.topMm === b.topMm && a.bottomMm === b.bottomMm && a.heightMm === b.heightMm;
