import { registry } from '../../registry';
import { contrast } from './contrast';
import { family } from './family';
import { ramp } from './ramp';
import type { OrderSchool } from './school';

/** Every way to order colours. A new one is one such file, named in this list. */
export const ORDER_SCHOOLS = registry<OrderSchool>()('school of order', [contrast, family, ramp]);

export type OrderSchoolId = keyof typeof ORDER_SCHOOLS;
export type { OrderSchool };
