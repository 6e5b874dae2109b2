import type { Settings } from './schemas';

/** What a studio starts with. */
export const DEFAULT_SETTINGS: Settings = {
  mass: 'g',
  volume: 'ml',
  length: 'cm',
  temperature: 'c',
  theme: 'system',
  mat: 'grey',
  shortcuts: true,
  chimes: true,
  consistencyNames: {},
};
