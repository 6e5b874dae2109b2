import { contrast } from './contrast';
import { family } from './family';
import { ramp } from './ramp';
import type { OrderSchool, OrderSchoolId } from './school';

/** Every way to order colours. A new one is one such file, its id named in `school.ts`. */
export const ORDER_SCHOOLS: Readonly<Record<OrderSchoolId, OrderSchool>> = {
  contrast,
  family,
  ramp,
};

export type { OrderSchool, OrderSchoolId } from './school';
