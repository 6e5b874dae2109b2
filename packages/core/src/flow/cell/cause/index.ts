import { idsOf, registry } from '../../../registry';
import { activator } from './activator';
import type { Cause } from './define';
import { height } from './height';
import { matt } from './matt';
import { metal } from './metal';
import { oil } from './oil';
import { weight } from './weight';

/** Every cause by its id. */
export const CAUSES = registry<Cause>()('cause', [weight, oil, activator, matt, metal, height]);
export type CauseId = keyof typeof CAUSES;
export const CAUSE_IDS = idsOf(CAUSES);

export type { Cause } from './define';
