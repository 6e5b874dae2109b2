import { AUTUMN_ROOM, roomAt } from '@potter/core/climate';
import type { ClimateSource } from './climate-source';

/** A room warms slowly. */
const TICK_MS = 10_000;

/** A thermometer that is only simulated, in an autumn studio, by the hour of the clock on the wall. */
export function simulatedThermometer(now: () => Date = () => new Date()): ClimateSource {
  const look = () => {
    const at = now();
    return roomAt(AUTUMN_ROOM, at.getHours() + at.getMinutes() / 60);
  };
  let reading = look();
  return {
    read: () => reading,
    subscribe: (listener) => {
      const timer = setInterval(() => {
        const next = look();
        if (next.tempC === reading.tempC && next.rh === reading.rh) return;
        reading = next;
        listener();
      }, TICK_MS);
      return () => clearInterval(timer);
    },
  };
}
