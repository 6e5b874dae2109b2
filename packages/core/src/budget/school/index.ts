import type { SchoolId } from '../schema';
import { film } from './film';
import { generous } from './generous';
import { lean } from './lean';
import { own } from './own';
import type { School } from './school';

/** Every school, in the order they are offered. To add one, copy a file here and name it in this table and the schema. */
export const SCHOOLS: Readonly<Record<SchoolId, School>> = { generous, lean, film, own };

export type { School };
