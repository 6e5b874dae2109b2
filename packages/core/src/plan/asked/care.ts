import { PIGMENTS } from '../../paint/pigment';
import { CARE, type CareCode, careOf, type Move } from '../../verb';
import { openPlan } from '../document/open';
import type { Plan } from '../document/schema';

/** Pigments that are harmful as dust or spray (handbook 9): by what their table calls them, so that one added there is known here. */
const HARMFUL = /cadmium|cobalt/i;
const HARMFUL_CI = new Set(PIGMENTS.filter(({ name }) => HARMFUL.test(name)).map(({ ci }) => ci));

/** What to take care of in these moves of a plan, and of what stands in its mixes, each once, the gravest first. It defers to the label, the safety data sheet and local rules. */
export function careFor(plan: Plan, moves: readonly Move[]): readonly CareCode[] {
  const { book } = openPlan(plan);
  const roles = plan.mixes.flatMap(({ additives = [] }) =>
    additives.map(({ material }) => book.material(material).role),
  );
  const pigments = plan.paints.flatMap((paint) => paint.pigments ?? []);
  const found = new Set<CareCode>([
    ...moves.flatMap(careOf),
    ...(roles.includes('oil') ? (['slippery'] as const) : []),
    ...(roles.includes('powder') ? (['dust'] as const) : []),
    ...(pigments.some((ci) => HARMFUL_CI.has(ci)) ? (['harmful'] as const) : []),
    'waste',
  ]);
  return (Object.keys(CARE) as CareCode[]).filter((code) => found.has(code));
}
