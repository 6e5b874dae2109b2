import { GROUND, plannedColours } from '@potter/core/flow';
import { mixNames, paletteOf, type Plan } from '@potter/core/plan';

/** A colour that was planned, with its name. */
export interface Named {
  readonly id: string;
  readonly hex: string;
  readonly name: string;
}

/** All that may be seen of a plan, in its order, the bare ground last. */
export function namedColours(plan: Plan): Named[] {
  const nameOf = mixNames(plan);
  return plannedColours(paletteOf(plan)).map(({ id, hex, also = [] }) => ({
    id,
    hex,
    name: id === GROUND ? 'Bare ground' : [id, ...also].map(nameOf).join(' or '),
  }));
}
