import type { CauseDefinition } from '../define';

/** What no plan can tell: whether the board lay level. */
export const notLevel: CauseDefinition = {
  id: 'not-level',
  title: 'The board was not level',
  nextTime: 'Lay the level on it before the pour, and once more before it rests.',
  weigh: () => undefined,
};
