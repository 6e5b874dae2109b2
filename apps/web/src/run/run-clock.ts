import { device } from '@/data/device';
import { steadyClock } from './steady-clock';

/** While a pour is under way, its time is written down here, for the page that takes it up. */
const KEY = 'run.clock';

/** The time pours are run by on this page; it goes on from what an earlier page wrote down. */
export const runClock = steadyClock({ wall: () => Date.now(), count: () => performance.now() });
runClock.notBefore(device.get<number>(KEY) ?? 0);

export const writeDown = (): boolean => device.set(KEY, runClock.now());

/** No pour is under way: the next goes by the wall, whatever it shows. */
export const forgetTime = (): void => device.remove(KEY);
