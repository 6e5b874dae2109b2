import type { Fault } from '@potter/core/schema';
import { faultsOf } from './check';
import { ShelfItem } from './generated/ShelfItem.js';

/** Faults of a value against the schema of a thing on the shelf. */
export const checkShelfItem = (value: unknown): Fault[] => faultsOf(ShelfItem, value);
