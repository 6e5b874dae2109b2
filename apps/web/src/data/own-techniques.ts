import type { OwnTechnique } from '@potter/core/technique';
import { useMemo, useState } from 'react';
import { useChangeSettings, useSettings } from './settings';

/** More of one's own than this nobody finds again; the oldest goes. */
const MOST = 40;
const NONE: readonly OwnTechnique[] = [];

/** Techniques of the artist's own, the last kept first, and what is done with them. */
export function useOwnTechniques() {
  const settings = useSettings();
  const change = useChangeSettings();
  const [forgotten, setForgotten] = useState<OwnTechnique>();
  const kept = settings.techniques ?? NONE;
  return useMemo(() => {
    const set = (techniques: readonly OwnTechnique[]) =>
      change({ ...settings, techniques: [...techniques] });
    const without = (name: string) => kept.filter((t) => t.sequence.name !== name);
    /** Keeps one; another of the same name is this one from then on. */
    const keep = (own: OwnTechnique) => {
      set([own, ...without(own.sequence.name)].slice(0, MOST));
      setForgotten(undefined);
    };
    return {
      kept,
      keep,
      forget: (own: OwnTechnique) => {
        set(without(own.sequence.name));
        setForgotten(own);
      },
      /** The one forgotten last on this screen. */
      forgotten,
      remember: () => forgotten && keep(forgotten),
    };
  }, [kept, settings, change, forgotten]);
}
