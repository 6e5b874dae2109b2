import { flipCup } from './flip-cup';
import { straightPour } from './straight-pour';
import type { Technique } from './technique';

/** Every technique by its id, in the order they are offered. */
export const TECHNIQUES = { 'flip-cup': flipCup, 'straight-pour': straightPour } as const;

export type TechniqueId = keyof typeof TECHNIQUES;

/** The definition with this id, open to any settings. */
export const techniqueOf = (id: TechniqueId): Technique => TECHNIQUES[id] as unknown as Technique;

export type { Needs, Stage, Technique } from './technique';
