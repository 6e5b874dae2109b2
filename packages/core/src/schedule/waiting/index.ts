import { idsOf, registry } from '../../registry';
import { day } from './day';
import type { WaitingDefinition } from './define';
import { tiles } from './tiles';
import { week } from './week';

/** Every school of waiting by its id. */
export const WAITINGS = registry<WaitingDefinition>()('waiting', [day, week, tiles]);
export type WaitingId = keyof typeof WAITINGS;
export const WAITING_IDS: readonly WaitingId[] = idsOf(WAITINGS);
