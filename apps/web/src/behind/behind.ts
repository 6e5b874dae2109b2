import { late } from './late';

/** Makes a route of a screen that lies behind a list. */
export const behind = late(() => import('./screens'));
