import type { Sheets } from '../../coat';
import type { WaitingId } from '../../schedule';
import type { Plan } from '../document/schema';

/** A plan with one of its parts set, or left out. */
function withPart<K extends 'waiting' | 'commission' | 'price' | 'sheets'>(
  plan: Plan,
  key: K,
  value: Plan[K] | undefined,
): Plan {
  const { [key]: _, ...rest } = plan;
  return (value === undefined ? rest : { ...rest, [key]: value }) as Plan;
}

/** How long it is let dry before a coat; `undefined` tells both schools. */
export const setWaiting = (plan: Plan, waiting: WaitingId | undefined): Plan =>
  withPart(plan, 'waiting', waiting);

/** What the sheet of a top coat says; `undefined` is what is usual. */
export function setSheet<P extends keyof Sheets>(
  plan: Plan,
  product: P,
  sheet: Sheets[P] | undefined,
): Plan {
  const { [product]: _, ...others } = plan.sheets ?? {};
  const sheets = sheet === undefined ? others : { ...others, [product]: sheet };
  return withPart(plan, 'sheets', Object.keys(sheets).length > 0 ? sheets : undefined);
}

/** Who it is made for; without a name it is for nobody. */
export function setCommission(plan: Plan, of: NonNullable<Plan['commission']>): Plan {
  const { wishes, fallback } = of;
  return withPart(
    plan,
    'commission',
    of.for.trim() === ''
      ? undefined
      : {
          for: of.for,
          ...(wishes ? { wishes } : {}),
          ...(fallback ? { fallback } : {}),
        },
  );
}

/** What one piece is sold for. */
export const setPrice = (plan: Plan, price: number | undefined): Plan =>
  withPart(plan, 'price', price);
