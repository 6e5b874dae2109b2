import { localOf } from '@potter/core/rack';
import { dayWords } from '@/ui/day-words';

/** A moment of the rack as a day. */
export const dayAt = (minutes: number): string => dayWords(localOf(minutes));

/** As a day and a time. */
export const timeAt = (minutes: number): string => `${dayAt(minutes)}, ${clockAt(minutes)}`;

export const clockAt = (minutes: number): string => localOf(minutes).slice('yyyy-mm-ddT'.length);
