import type { Orientation } from '@potter/core/level';
import type { TiltSource } from './tilt-source';

/** A hand's breath on the table is no slope: what the phone tells is smoothed over about so long, ms. */
const SMOOTH_MS = 600;

type Asking = typeof DeviceOrientationEvent & { requestPermission?: () => Promise<string> };

/** Whether this browser may tell how the device lies; a machine without the sensor has the event too, and never tells. */
export const hasTilt = (): boolean => typeof DeviceOrientationEvent !== 'undefined';

/** The phone's own sensor. */
export function phoneTilt(): TiltSource {
  const listeners = new Set<() => void>();
  let told: Orientation | undefined;
  let at = 0;
  const hear = ({ beta, gamma, timeStamp }: DeviceOrientationEvent) => {
    if (beta === null || gamma === null) return;
    const share = told ? 1 - Math.exp(-(timeStamp - at) / SMOOTH_MS) : 1;
    at = timeStamp;
    told = {
      betaDeg: mixed(told?.betaDeg ?? beta, beta, share),
      gammaDeg: mixed(told?.gammaDeg ?? gamma, gamma, share),
    };
    for (const listener of listeners) listener();
  };
  return {
    read: () => told,
    subscribe: (listener) => {
      if (listeners.size === 0) addEventListener('deviceorientation', hear);
      listeners.add(listener);
      return () => {
        listeners.delete(listener);
        if (listeners.size === 0) removeEventListener('deviceorientation', hear);
      };
    },
    ask: async () => {
      const { requestPermission } = DeviceOrientationEvent as Asking;
      return (await requestPermission?.().catch(() => 'denied')) !== 'denied';
    },
  };
}

const mixed = (was: number, is: number, share: number): number => was + share * (is - was);
