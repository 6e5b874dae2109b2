import { type Reading, readWeightMeasurement } from '@potter/core/scale';
import { overAir } from '@/data/over-air';
import type { ScaleSource } from './scale-source';

/** A reading that has stood so long is steady, ms. */
const STEADY_MS = 1000;

let reading: Reading | { readonly kind: 'unread' } = { kind: 'unread' };
let stepG = 5;
/** What it showed as it was tared, g: the profile has no way to press the scale's own button. */
let tareG = 0;
let rawG = 0;
let steadied: ReturnType<typeof setTimeout> | undefined;

/**
 * A scale over the air, by the standard profile for weight scales. It stays found from cup to cup; where it is lost the weighing says so and goes on
 * by typing.
 */
export const airScale = overAir({
  called: 'scale',
  service: 'weight_scale',
  hears: { weight_measurement: measured },
  onFound: () => {
    tareG = 0;
  },
  onLost: () => {
    clearTimeout(steadied);
    reading = { kind: 'unread' };
  },
});

function show(g: number, steady: boolean): void {
  reading = { kind: 'weight', g: Number((g - tareG).toFixed(1)), steady };
  airScale.tell();
}

function measured(bytes: DataView): void {
  const said = readWeightMeasurement(bytes);
  if (said?.g === undefined) return;
  stepG = said.stepG;
  const same = reading.kind === 'weight' && said.g === rawG;
  rawG = said.g;
  if (same) return;
  show(rawG, false);
  clearTimeout(steadied);
  steadied = setTimeout(() => show(rawG, true), STEADY_MS);
}

/** The scale that was found, as the weigh-along knows scales. */
export const bluetoothScale = (): ScaleSource => ({
  get stepG() {
    return stepG;
  },
  read: () => reading,
  subscribe: airScale.subscribe,
  tare: () => {
    tareG = rawG;
    if (reading.kind === 'weight') show(rawG, true);
  },
});
