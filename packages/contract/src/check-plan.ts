import type { Fault } from '@potter/core/schema';
import { faultsOf } from './check';
import { Plan } from './generated/Plan.js';

/** Faults of a value against the plan's schema. */
export const checkPlanShape = (value: unknown): Fault[] => faultsOf(Plan, value);
