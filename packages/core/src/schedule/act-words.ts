import type { ScheduleEntry } from './schedule';

const WORDS: Readonly<Record<ScheduleEntry['act'], string>> = {
  pour: 'Pour',
  touch: 'Dry to the touch',
  handle: 'May be turned and handled',
  clean: 'Wipe the oil off',
  coat: 'May be coated',
  stage: 'Next stage',
  cured: 'Cured, may hang',
  due: 'Promised',
};

/** What a piece may have done to it, as one says it: a stage by its name. */
export const actWords = ({
  act,
  title,
}: Pick<ScheduleEntry, 'act'> & { readonly title?: string }): string =>
  act === 'stage' && title !== undefined
    ? title
    : act === 'touch' && title !== undefined
      ? `${title}: ${WORDS[act].toLowerCase()}`
      : WORDS[act];
