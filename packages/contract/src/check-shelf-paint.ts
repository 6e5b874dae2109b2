import type { Fault } from '@potter/core/field';
import { faultsOf } from './check';
import { validate } from './generated/ShelfPaint.js';

/** Faults of a value against the schema of a paint on the shelf. */
export const checkShelfPaint = (value: unknown): Fault[] => faultsOf(validate, value);
