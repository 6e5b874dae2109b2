/** What a kitchen scale is like. */
export interface ScaleModel {
  /** It shows multiples of this, g. */
  readonly stepG: number;
  /** Above this it shows an overload instead, g. */
  readonly mostG: number;
  /** Spread of its reading about the truth, g. */
  readonly noiseG: number;
  /** It follows a change with this time constant, s. */
  readonly settleS: number;
  /** How its zero wanders, g a minute. */
  readonly driftGPerMin: number;
  /** Untouched this long it goes off, s. */
  readonly offAfterS: number;
}

/** A kitchen scale of one gram, and one of tenths (typical figures from memory, no published source). */
export const SCALES = {
  grams: { stepG: 1, mostG: 5000, noiseG: 0.25, settleS: 0.35, driftGPerMin: 0.05, offAfterS: 180 },
  tenths: {
    stepG: 0.1,
    mostG: 1000,
    noiseG: 0.03,
    settleS: 0.45,
    driftGPerMin: 0.02,
    offAfterS: 120,
  },
} as const satisfies Readonly<Record<string, ScaleModel>>;

/** A scale at one moment. Times in seconds of any clock, the same throughout. */
export interface ScaleState {
  /** What stands on it. */
  readonly loadG: number;
  /** What it has come to show of that, before noise and rounding. */
  readonly followsG: number;
  readonly tareG: number;
  readonly at: number;
  /** When it was last touched, and when its load last changed. */
  readonly touchedAt: number;
  readonly changedAt: number;
  readonly startedAt: number;
}

/** What can be read off it. */
export type Reading =
  | { readonly kind: 'weight'; readonly g: number; readonly steady: boolean }
  | { readonly kind: 'overload' }
  | { readonly kind: 'off' };

/** A scale just switched on with a cup of this mass on it, tared. */
export const scaleOn = (at: number, cupG: number): ScaleState => ({
  loadG: cupG,
  followsG: cupG,
  tareG: cupG,
  at,
  touchedAt: at,
  changedAt: at,
  startedAt: at,
});

/** The scale a moment later, with so much poured on it meanwhile. */
export function scaleAt(state: ScaleState, model: ScaleModel, at: number, pouredG = 0): ScaleState {
  const dt = Math.max(0, at - state.at);
  const loadG = state.loadG + pouredG;
  const followsG = loadG + (state.followsG - loadG) * Math.exp(-dt / model.settleS);
  return {
    ...state,
    loadG,
    followsG,
    at,
    ...(pouredG === 0 ? {} : { touchedAt: at, changedAt: at }),
  };
}

/** Pressing its button: it starts anew from nothing, and is awake again. */
export const tared = (state: ScaleState): ScaleState => ({
  ...state,
  tareG: state.followsG,
  touchedAt: state.at,
  startedAt: state.at,
});

/** It counts as steady when its load has stood this many time constants. */
const STEADY_AFTER = 5;

/**
 * What it shows. The noise comes from the seed and the moment, in tenths of a second, so that the same pour reads the same again.
 */
export function readScale(state: ScaleState, model: ScaleModel, seed: number): Reading {
  if (state.at - state.touchedAt > model.offAfterS) return { kind: 'off' };
  if (state.followsG > model.mostG) return { kind: 'overload' };
  const drift = (model.driftGPerMin * (state.at - state.startedAt)) / 60;
  const noise = model.noiseG * spread(seed, Math.floor(state.at * 10));
  const steady = state.at - state.changedAt > STEADY_AFTER * model.settleS;
  const g = state.followsG - state.tareG + drift + (steady ? noise * 0.3 : noise);
  return {
    kind: 'weight',
    g: Number((Math.round(g / model.stepG) * model.stepG).toFixed(3)) + 0,
    steady,
  };
}

/** A number about 0, mostly within ±1, that hangs on seed and tick alone: the sum of three even ones. */
function spread(seed: number, tick: number): number {
  let sum = 0;
  for (let i = 0; i < 3; i++) {
    let h = Math.imul(seed ^ Math.imul(tick + i * 7919, 0x9e3779b1), 0x85ebca6b);
    h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35);
    sum += ((h ^ (h >>> 16)) >>> 0) / 0xffffffff - 0.5;
  }
  return (sum * 2) / 1.5;
}
