import type { Plan } from './schema';

/** A room as what drying and testing state their figures for: where a plan notes none, it is taken for this one. */
export const USUAL_ROOM = { tempC: 20, rh: 50 } as const;

/** The room a plan is poured and dries in. */
export const roomOf = ({
  room,
}: Pick<Plan, 'room'>): { readonly tempC: number; readonly rh: number } => room ?? USUAL_ROOM;
