import type { ScheduleEntry } from './schedule';

/** What a piece may have done to it, as one says it. */
export const ACT_WORDS: Readonly<Record<ScheduleEntry['act'], string>> = {
  pour: 'Pour',
  touch: 'Dry to the touch',
  handle: 'May be handled',
  clean: 'Wipe the oil off',
  coat: 'May be coated',
  cured: 'Cured, may hang',
  due: 'Promised',
};
