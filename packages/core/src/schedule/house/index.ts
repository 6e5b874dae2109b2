export { datedFrom, doneFrom } from './dated';
export { dayOf, localOf, minutesOf, startOf, weekdayOf } from './minutes';
export { ANY_HOUSE } from './any-house';
export type { House } from './schema';
export { hoursOf, nextWork } from './work';
