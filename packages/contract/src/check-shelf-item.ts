import type { Fault } from '@potter/core/schema';
import { faultsOf } from './check';
import { validate } from './generated/ShelfItem.js';

/** Faults of a value against the schema of a thing on the shelf. */
export const checkShelfItem = (value: unknown): Fault[] => faultsOf(validate, value);
