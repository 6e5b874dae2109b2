import type { Body } from '@potter/core/paint';
import { device } from '@/data/device';

const KEY = 'usual-body';

/** How thick this artist's paints usually are: what a paint added by its name begins with. */
export const usualBody = {
  get: (): Body => device.get<Body>(KEY) ?? 'soft',
  set: (body: Body): void => void device.set(KEY, body),
};
