import * as VALIDATORS from './generated/all.js';
import type { Fault } from '@potter/core/schema';
import { faultsOf } from './check';
import { DOCUMENT, TABLE } from './limits';
import type { SchemaName } from './schemas';

/** Lists of many things; all else is one document. */
const TABLES: ReadonlySet<SchemaName> = new Set([
  'Shelf',
  'PlanList',
  'RunList',
  'Rack',
  'ReactionList',
]);

/** Every fault of a value that came from somewhere, against any schema of the contract. For the server; a screen imports the one it needs. */
export const check = (name: SchemaName, value: unknown): Fault[] =>
  faultsOf(VALIDATORS[name], value, TABLES.has(name) ? TABLE : DOCUMENT);

/** As `check`, of a value of our own making: it is judged whatever its size. */
export const judge = (name: SchemaName, value: unknown): Fault[] =>
  faultsOf(VALIDATORS[name], value, null);
