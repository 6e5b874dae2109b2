export {
  coatable,
  cured,
  type DryingFilm,
  saturationHPa,
  setsPerS,
  type Span,
  touchDry,
  vapourDeficitHPa,
} from './dry';
export { type LogNormal, logNormalOf, quantile, spanOf } from './log-normal';
export { ACT_WORDS } from './act-words';
export { addHours, type ScheduleEntry, scheduleOf } from './schedule';
