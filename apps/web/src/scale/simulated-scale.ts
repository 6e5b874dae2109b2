import {
  readScale,
  scaleAt,
  type ScaleModel,
  scaleOn,
  type ScaleState,
  tared,
} from '@potter/core/scale';
import type { ScaleSource } from './scale-source';

/** A scale that is only simulated, with a spout to pour from. */
type SimulatedScale = Required<Omit<ScaleSource, 'enter'>>;

const CUP_G = 9;
const TICK_MS = 100;
/** A spout just opened drips; fully open it runs so fast, g/s. */
const SLOW_G_PER_S = 3;
const FAST_G_PER_S = 28;
const OPENS_IN_S = 2.5;

/**
 * Begins to run as soon as somebody looks at it.
 * @param heldG what is in the cup already, where it is not tared between additions
 */
export function simulatedScale(model: ScaleModel, seed: number, heldG = 0): SimulatedScale {
  const now = () => performance.now() / 1000;
  let state: ScaleState = scaleAt(scaleOn(now(), CUP_G), model, now(), heldG);
  let reading = readScale(state, model, seed);
  let openedAt: number | undefined;
  let timer: ReturnType<typeof setInterval> | undefined;
  const listeners = new Set<() => void>();
  const tick = () => {
    const at = now();
    const openS = openedAt === undefined ? 0 : at - openedAt;
    const rate = SLOW_G_PER_S + (FAST_G_PER_S - SLOW_G_PER_S) * Math.min(1, openS / OPENS_IN_S);
    state = scaleAt(state, model, at, openedAt === undefined ? 0 : rate * (at - state.at));
    const next = readScale(state, model, seed);
    if (JSON.stringify(next) === JSON.stringify(reading)) return;
    reading = next;
    listeners.forEach((listener) => listener());
  };
  return {
    stepG: model.stepG,
    read: () => reading,
    subscribe: (listener) => {
      listeners.add(listener);
      timer ??= setInterval(tick, TICK_MS);
      return () => {
        listeners.delete(listener);
        if (listeners.size > 0) return;
        clearInterval(timer);
        timer = undefined;
      };
    },
    tare: () => {
      tick();
      state = tared(state);
      tick();
    },
    spout: (open) => {
      tick();
      openedAt = open ? now() : undefined;
    },
  };
}
