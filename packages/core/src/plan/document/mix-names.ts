import type { Plan } from './schema';

/** How a plan's mixes are called, by their id; one that is not in it goes by its id. */
export function mixNames({ mixes }: Pick<Plan, 'mixes'>): (id: string) => string {
  const names = new Map(mixes.map((m) => [m.id, m.name]));
  return (id) => names.get(id) ?? id;
}
