import { useSyncExternalStore } from 'react';

/** An instrument listened to over the air: none asked for yet, being looked for, there, or not to be had and why. */
export type Found =
  | { readonly kind: 'none' }
  | { readonly kind: 'asking' }
  | { readonly kind: 'there'; readonly name: string }
  | { readonly kind: 'refused' | 'lost'; readonly why: string };

interface Instrument {
  /** What it is, as one says it: "scale". */
  readonly called: string;
  /** The profile it speaks. */
  readonly service: string;
  /** What it tells of, and who hears it. */
  readonly hears: Readonly<Record<string, (bytes: DataView) => void>>;
  /** It is there, and has said nothing yet. */
  readonly onFound?: () => void;
  readonly onLost: () => void;
}

export interface OverAir {
  readonly now: () => Found;
  readonly subscribe: (listener: () => void) => () => void;
  /** Something was heard: whoever shows it is told. */
  readonly tell: () => void;
  /** Has the browser look for one, by a press of the artist's: it asks which. Whether one was found. */
  readonly find: () => Promise<boolean>;
}

/** Whether this browser can look for one. */
export const hasBluetooth = (): boolean =>
  typeof navigator !== 'undefined' && navigator.bluetooth !== undefined;

export const useOverAir = ({ subscribe, now }: OverAir): Found =>
  useSyncExternalStore(subscribe, now);

/** An instrument that is found once, by a press, and stays found until it is lost; then it says so. */
export function overAir({ called, service, hears, onFound, onLost }: Instrument): OverAir {
  let found: Found = { kind: 'none' };
  const listeners = new Set<() => void>();
  const tell = (): void => {
    for (const listener of listeners) listener();
  };
  const set = (next: Found): void => {
    found = next;
    tell();
  };
  const find = async (): Promise<boolean> => {
    set({ kind: 'asking' });
    try {
      const device = await navigator.bluetooth.requestDevice({
        filters: [{ services: [service] }],
      });
      device.addEventListener('gattserverdisconnected', () => {
        onLost();
        set({
          kind: 'lost',
          why: `${device.name ?? `The ${called}`} is gone: its battery, or out of reach.`,
        });
      });
      const server = await device.gatt?.connect();
      const offered = await server?.getPrimaryService(service);
      for (const [characteristic, hear] of Object.entries(hears)) {
        const told = await offered?.getCharacteristic(characteristic);
        told?.addEventListener('characteristicvaluechanged', () => {
          if (told.value) hear(told.value);
        });
        await told?.startNotifications();
      }
      onFound?.();
      set({ kind: 'there', name: device.name ?? `The ${called}` });
      return true;
    } catch (error) {
      // The artist chose none, or what was chosen is no such instrument.
      const none = error instanceof Error && error.name === 'NotFoundError';
      set({
        kind: 'refused',
        why: none ? `No ${called} was chosen.` : `This ${called} could not be listened to.`,
      });
      return false;
    }
  };
  return {
    now: () => found,
    subscribe: (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    tell,
    find,
  };
}
