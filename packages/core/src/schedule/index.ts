export { type BySheet, coatable, cured, type DryingFilm, setsPerS, touchDry } from './dry';
export { type LogNormal, logNormalOf, quantile, spanOf } from './log-normal';
export { actWords } from './act-words';
export { type PathAct, pathOf } from './path';
export { type Stage, stagesOf } from './stages';
export { addHours, type ScheduleEntry, scheduledFrom, scheduleOf } from './schedule';
export type { Span } from './span';
export { type WaitingId, WAITING_IDS, WAITINGS } from './waiting';
