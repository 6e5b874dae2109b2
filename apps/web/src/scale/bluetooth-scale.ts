import { type Reading, readWeightMeasurement } from '@potter/core/scale';
import { useSyncExternalStore } from 'react';
import type { ScaleSource } from './scale-source';

/**
 * A scale over the air, by the standard profile for weight scales. It is found once, by a press, and stays found from cup to cup; where it is
 * lost the weighing says so and goes on by typing.
 */
type Found =
  | { readonly kind: 'none' }
  | { readonly kind: 'asking' }
  | { readonly kind: 'there'; readonly name: string }
  | { readonly kind: 'refused' | 'lost'; readonly why: string };

const WEIGHT_SCALE = 'weight_scale';
const WEIGHT_MEASUREMENT = 'weight_measurement';
/** A reading that has stood so long is steady, ms. */
const STEADY_MS = 1000;

let found: Found = { kind: 'none' };
let reading: Reading | { readonly kind: 'unread' } = { kind: 'unread' };
let stepG = 5;
/** What it showed as it was tared, g: the profile has no way to press the scale's own button. */
let tareG = 0;
let rawG = 0;
let steadied: ReturnType<typeof setTimeout> | undefined;

const listeners = new Set<() => void>();
const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};
const tell = (): void => {
  for (const listener of listeners) listener();
};
const set = (next: Found): void => {
  found = next;
  tell();
};

/** Whether this browser can look for one. */
export const hasBluetooth = (): boolean =>
  typeof navigator !== 'undefined' && navigator.bluetooth !== undefined;

export const useBluetoothScale = (): Found => useSyncExternalStore(subscribe, () => found);

function show(g: number, steady: boolean): void {
  reading = { kind: 'weight', g: Number((g - tareG).toFixed(1)), steady };
  tell();
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

/** Has the browser look for a scale, by a press of the artist's: it asks which. Whether one was found. */
export async function findScale(): Promise<boolean> {
  set({ kind: 'asking' });
  try {
    const device = await navigator.bluetooth.requestDevice({
      filters: [{ services: [WEIGHT_SCALE] }],
    });
    device.addEventListener('gattserverdisconnected', () => {
      clearTimeout(steadied);
      reading = { kind: 'unread' };
      set({
        kind: 'lost',
        why: `${device.name ?? 'The scale'} is gone: its battery, or out of reach.`,
      });
    });
    const server = await device.gatt?.connect();
    const service = await server?.getPrimaryService(WEIGHT_SCALE);
    const weight = await service?.getCharacteristic(WEIGHT_MEASUREMENT);
    weight?.addEventListener('characteristicvaluechanged', () => {
      if (weight.value) measured(weight.value);
    });
    await weight?.startNotifications();
    tareG = 0;
    set({ kind: 'there', name: device.name ?? 'Scale' });
    return true;
  } catch (error) {
    // The artist chose none, or what was chosen is no such scale.
    const none = error instanceof Error && error.name === 'NotFoundError';
    set({
      kind: 'refused',
      why: none ? 'No scale was chosen.' : 'This scale could not be listened to.',
    });
    return false;
  }
}

/** The scale that was found, as the weigh-along knows scales. */
export const bluetoothScale = (): ScaleSource => ({
  get stepG() {
    return stepG;
  },
  read: () => reading,
  subscribe,
  tare: () => {
    tareG = rawG;
    if (reading.kind === 'weight') show(rawG, true);
  },
});
