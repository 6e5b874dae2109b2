import type { Amounts } from '../../budget/budget';
import type { Budget, SchoolId } from '../../budget/schema';
import { SCHOOLS } from '../../budget/school';
import type { Surface } from '../../surface/schema';
import { idsOf } from '../../registry';
import { withSchool } from '../beginning/needs';
import { factorsWith } from '../../factor';
import { openPlan } from '../document/open';
import { amountsIn } from '../brief/amounts';
import type { Brief } from '../brief/brief';
import type { Plan } from '../document/schema';
import type { Studio } from '../document/studio';

/** A plan's amounts with another budget or surface, without computing the rest of its brief. */
export const amountsOf = (
  plan: Plan,
  { budget, surface }: { readonly budget: Budget; readonly surface: Surface },
  studio: Studio = {},
): Amounts => amountsIn(openPlan(plan), budget, surface, factorsWith(studio.factors));

/** What every school would say to this plan, side by side. */
export const compareSchools = (
  plan: Plan,
  brief: Brief,
  studio: Studio = {},
): { readonly school: SchoolId; readonly amounts: Amounts }[] =>
  idsOf(SCHOOLS).map((school) => ({
    school,
    amounts:
      school === plan.budget.school
        ? brief.budget
        : amountsOf(plan, withSchool(plan, school), studio),
  }));
