import type { Plan } from '../document/schema';

export const rename = (plan: Plan, title: string): Plan => ({ ...plan, title });

/** The chance a preview is computed with. */
export const setSeed = (plan: Plan, seed: number): Plan => ({ ...plan, seed });

/** Sets or clears the days of a plan; `undefined` clears. */
export function setDates(
  plan: Plan,
  change: { readonly pour?: string | undefined; readonly due?: string | undefined },
): Plan {
  const dates = Object.fromEntries(
    Object.entries({ ...plan.dates, ...change }).filter(([, date]) => date !== undefined),
  );
  const { dates: _, ...rest } = plan;
  return Object.keys(dates).length === 0 ? rest : { ...rest, dates };
}
