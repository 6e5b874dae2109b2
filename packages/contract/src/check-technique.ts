import type { Fault } from '@potter/core/schema';
import { faultsOf } from './check';
import { OwnTechnique } from './generated/OwnTechnique.js';

/** Faults of a value against the schema of a technique of one's own. */
export const checkTechniqueShape = (value: unknown): Fault[] => faultsOf(OwnTechnique, value);
