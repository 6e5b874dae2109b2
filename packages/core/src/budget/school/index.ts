import { registry } from '../../registry';
import { film } from './film';
import { generous } from './generous';
import { lean } from './lean';
import { leanBare } from './lean-bare';
import { own } from './own';
import type { School } from './school';

/** Every school, in the order they are offered. To add one, copy a file here and name it in this list. */
export const SCHOOLS = registry<School>()('school of amounts', [
  generous,
  lean,
  leanBare,
  film,
  own,
]);

export type SchoolId = keyof typeof SCHOOLS;
export type { School };
