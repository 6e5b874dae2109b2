import { ORDER_SCHOOLS } from '../../order/school';
import { idsOf } from '../../registry';
import { arrangeCups } from '../asked/arrange-cups';
import { brief } from '../brief/brief';
import type { Plan } from '../document/schema';
import { setCup } from '../edit/cups';
import type { Decision, Variant } from './define';

const reversed = (plan: Plan): Plan =>
  plan.cups.reduce(
    (of, _, n) =>
      setCup(of, n, (cup) => (cup.layers ? { ...cup, layers: [...cup.layers].reverse() } : cup)),
    plan,
  );

/** Every cup in the order a school finds for it. */
const bySchool = (school: (typeof SCHOOL_IDS)[number]) => (plan: Plan) =>
  arrangeCups(plan, brief(plan), { ...plan.order, school });
const SCHOOL_IDS = idsOf(ORDER_SCHOOLS);

/** The first layer goes last, and so on: another colour outermost. */
const turned = (by: number) => (plan: Plan) =>
  plan.cups.reduce(
    (of, _, n) =>
      setCup(of, n, (cup) =>
        cup.layers
          ? { ...cup, layers: cup.layers.map((_, i, all) => all[(i + by) % all.length]!) }
          : cup,
      ),
    plan,
  );

/** What goes into the cups first, and what last. */
export const order = {
  id: 'order',
  name: 'The order',
  variants: ({ cups }) => {
    const most = Math.max(0, ...cups.map((cup) => cup.layers?.length ?? 0));
    if (most < 2) return [];
    return [
      { key: 'reversed', says: 'Turned upside down', make: reversed },
      ...SCHOOL_IDS.map((id): Variant => ({
        key: id,
        says: ORDER_SCHOOLS[id].name,
        make: bySchool(id),
      })),
      ...Array.from({ length: Math.min(4, most - 1) }, (_, n) => ({
        key: `turned ${n + 1}`,
        says: n === 0 ? 'The first goes last' : `The first ${n + 1} go last`,
        make: turned(n + 1),
      })),
    ];
  },
} as const satisfies Decision;
