import { type Amounts, reckon } from '../budget/budget';
import type { Budget, SchoolId } from '../budget/schema';
import { SCHOOLS } from '../budget/school';
import { measureSurface } from '../surface/measure';
import type { Surface } from '../surface/schema';
import { techniqueOf } from '../technique';
import type { Brief } from './brief';
import type { Plan } from './schema';
import type { Studio } from './studio';

/** What changes in a plan's budget with its school: insurance, the base its technique wants, the edge pot. */
export function budgetOfSchool(
  plan: Plan,
  school: SchoolId,
): Pick<Budget, 'school' | 'insurance' | 'pots'> {
  const { needs } = techniqueOf(plan.technique.id);
  const kept = plan.budget.pots.filter((p) => p.use !== 'base' && p.use !== 'edge');
  const was = plan.budget.pots.find((p) => p.use === 'base' || p.use === 'edge')?.mix;
  const mix = was ?? plan.budget.shares[0]?.mix;
  const baseMm = SCHOOLS[school].overBase ? needs.baseMm?.otherwise : needs.baseMm?.generous;
  const edge =
    !SCHOOLS[school].countsEdges && plan.surface.coverEdges && plan.surface.edgeDepthMm > 0;
  return {
    school,
    insurance: SCHOOLS[school].insurance,
    pots: [
      ...(mix !== undefined && baseMm !== undefined
        ? [{ use: 'base' as const, mix, filmMm: baseMm }]
        : []),
      ...(mix !== undefined && edge ? [{ use: 'edge' as const, mix, filmMm: 0.5 }] : []),
      ...kept,
    ],
  };
}

/** A plan's amounts with another budget or surface, without computing the rest of its brief. */
export function amountsOf(
  { budget, surface }: { readonly budget: Budget; readonly surface: Surface },
  brief: Brief,
  studio: Studio = {},
): Amounts {
  return reckon(budget, {
    measure: measureSurface(surface),
    raisedRim: surface.rim.kind === 'raised',
    densityOf: (mix) => brief.mixes.find((m) => m.id === mix)?.densityGPerMl ?? 1.15,
    ...(studio.stayMm === undefined ? {} : { ownStayMm: studio.stayMm }),
  });
}

/** What every school would say to this plan, side by side. */
export const compareSchools = (
  plan: Plan,
  brief: Brief,
  studio: Studio = {},
): { readonly school: SchoolId; readonly amounts: Amounts }[] =>
  (Object.keys(SCHOOLS) as SchoolId[]).map((school) => ({
    school,
    amounts:
      school === plan.budget.school
        ? brief.budget
        : amountsOf(
            { ...plan, budget: { ...plan.budget, ...budgetOfSchool(plan, school) } },
            brief,
            studio,
          ),
  }));
