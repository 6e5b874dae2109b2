import { part } from '@/data/part';
import { bringSummaries } from '@/data/runs';
import { late, lateWhere } from './late';

const screens = part(() => import('./screens'));

/** Makes a route of a screen that lies behind the first ones. */
export const behind = late(screens);

/** Makes a band or a section of what lies there, for where there is something to show. */
export const behindWhere = lateWhere(screens);

// To sum a pour up takes its plan's whole brief, which comes with them.
bringSummaries(() => screens.come().then(({ summariseRun }) => summariseRun));
