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
export { addHours, type ScheduleEntry, scheduleOf } from './schedule';
