import { idsOf, registry } from '../registry';
import { CELL } from './cell';
import { CUP } from './cup';
import type { FactorDefinition } from './define';
import { DRYING } from './drying';
import { FAULT } from './fault';
import { FILM } from './film';
import { GROUND } from './ground';
import { HAND } from './hand';
import { MIX } from './mix';
import { SEEN } from './seen';
import { TOOL } from './tool';

export type { FactorDefinition } from './define';

/** Every factor by its id. */
export const FACTORS = registry<FactorDefinition>()(
  'factor',
  [...FILM, ...MIX, ...CUP, ...HAND, ...TOOL, ...DRYING, ...GROUND, ...SEEN, ...CELL, ...FAULT],
  ({ usual, least, most }) =>
    least <= usual && usual <= most ? undefined : 'is usually what nobody could mean by it',
);
export type FactorId = keyof typeof FACTORS;

/** A figure for every factor. */
export type Factors = Readonly<Record<FactorId, number>>;

/** The figures practice gives, with those an artist has learnt to be otherwise in their place. */
export const factorsWith = (own: Partial<Factors> = {}): Factors => ({ ...USUAL, ...own });

const USUAL = Object.fromEntries(idsOf(FACTORS).map((id) => [id, FACTORS[id].usual])) as Factors;
