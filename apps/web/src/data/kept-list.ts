import type { Settings } from '@potter/contract';
import { useMemo, useState } from 'react';
import { useChangeSettings, useSettings } from './settings';

/** What an artist keeps by name, in the studio's settings. */
type Listed = 'techniques' | 'recipes';
type Kept<K extends Listed> = NonNullable<Settings[K]>[number];

export interface KeptList<T> {
  /** The last kept first. */
  readonly kept: readonly T[];
  /** Keeps one; another of the same name is this one from then on. */
  readonly keep: (one: T) => void;
  readonly forget: (one: T) => void;
  /** The one forgotten last on this screen, and bringing it back. */
  readonly forgotten: T | undefined;
  readonly remember: () => void;
}

const NONE: readonly never[] = [];

/** @param most more than this nobody finds again; the oldest goes */
export function useKeptList<K extends Listed>(
  list: K,
  nameOf: (one: Kept<K>) => string,
  most: number,
): KeptList<Kept<K>> {
  const settings = useSettings();
  const change = useChangeSettings();
  const [forgotten, setForgotten] = useState<Kept<K>>();
  // The same list at every drawing: much is worked out from it.
  const kept = (settings[list] ?? NONE) as readonly Kept<K>[];
  return useMemo(() => {
    const set = (to: readonly Kept<K>[]) => change({ ...settings, [list]: [...to] });
    const without = (name: string) => kept.filter((one) => nameOf(one) !== name);
    const keep = (own: Kept<K>) => {
      set([own, ...without(nameOf(own))].slice(0, most));
      setForgotten(undefined);
    };
    return {
      kept,
      keep,
      forget: (own) => {
        set(without(nameOf(own)));
        setForgotten(own);
      },
      forgotten,
      remember: () => forgotten && keep(forgotten),
    };
  }, [kept, settings, change, forgotten, list, nameOf, most]);
}
