import {
  type AddedAt,
  brief,
  type Plan,
  type Preview,
  previewKey,
  previewOf,
  turnsBefore,
  withAdded,
} from '@potter/core/plan';
import { queryOptions, skipToken, useQuery } from '@tanstack/react-query';
import { useEffect, useMemo } from 'react';
import { aside } from '@/data/aside';
import { keptKeys } from '@/data/kept-keys';
import type { Key, KeysAsk } from '@/workers/key-messages';

/** How closely the piece is looked at: soon, to be recognised at arm's length; then finer and with its cells, as many pixels as a drawing has on a phone. */
const SOON = { cells: 48, pixels: 144, look: 'wet' } as const;
const FINER = { cells: 64, pixels: 240, look: 'wet' } as const;
type Closeness = typeof SOON | typeof FINER;
/** Workers at a time where somebody waits; what only gets finer is left to one, which takes its time. */
const MOST_LANES = 2;
/** An old phone takes its time over a long list of moves, ms. */
const TIME_OUT_MS = 120_000;

/** The piece as it should look then: its picture, and where it is shown from. */
export interface Shown {
  readonly picture: Blob;
  readonly uri: string;
}

/** How the piece should look as each move begins. */
export interface KeyPictures {
  /** Undefined while there is none. */
  readonly before: (move: string) => Shown | undefined;
  /** That of the piece once all is done. */
  readonly after: Shown | undefined;
  readonly state: 'computing' | 'there' | 'failed';
}

const previews = new WeakMap<Plan, Preview>();
const previewFor = (plan: Plan): Preview => {
  const known = previews.get(plan) ?? previewOf(plan, brief(plan));
  previews.set(plan, known);
  return known;
};

const NOTHING: readonly AddedAt[] = [];
const NO_TURNS: ReadonlyMap<string, number> = new Map();

/**
 * Pictures of a plan's moves: from this device, or computed and kept here, once however many screens ask.
 * @param added what went on beside it so far
 * @param wanted whether they are to be computed now
 */
export function useKeyPictures(plan: Plan, added = NOTHING, wanted = true): KeyPictures {
  const went = JSON.stringify(added);
  // Of what nobody asked for not even the question is worked out.
  const preview = useMemo(
    () => (wanted ? withAdded(previewFor(plan), JSON.parse(went) as AddedAt[]) : undefined),
    [plan, went, wanted],
  );
  const soon = useQuery(keysOf(preview, SOON));
  const finer = useQuery(
    keysOf(soon.data !== undefined && hasProcessorToSpare() ? preview : undefined, FINER),
  );
  const data = finer.data ?? soon.data;
  const before = useMemo(
    () => (preview ? turnsBefore(preview, plan.moves) : NO_TURNS),
    [preview, plan],
  );
  const shown = useMemo(
    () =>
      new Map(
        data?.map(({ turns, picture }): [number, Shown] => [
          turns,
          { picture, uri: URL.createObjectURL(picture) },
        ]),
      ),
    [data],
  );
  useEffect(() => () => shown.forEach(({ uri }) => URL.revokeObjectURL(uri)), [shown]);
  return {
    before: (move) => shown.get(before.get(move) ?? -1),
    after: shown.get(shown.size - 1),
    state: data ? 'there' : soon.isError ? 'failed' : 'computing',
  };
}

/** Whether what nobody waits for can be computed without holding up what somebody does. */
const hasProcessorToSpare = (): boolean => (navigator.hardwareConcurrency ?? 1) > 1;

/** The pictures of a preview looked at so closely, as they are asked for; of none, nothing is. */
const keysOf = (preview: Preview | undefined, closeness: Closeness) => {
  const of = preview && `${JSON.stringify(closeness)} ${previewKey(preview)}`;
  return queryOptions({
    queryKey: ['keys', of],
    queryFn: preview ? () => keptKeys(of!, () => computed(preview, closeness)) : skipToken,
    staleTime: Infinity,
    // It asks nobody but this device.
    networkMode: 'always',
    retry: false,
  });
};

/** Has the pictures computed, each worker its share of them. */
async function computed(preview: Preview, closeness: Closeness): Promise<Key[]> {
  const { scene, palette, opens, dots, over } = preview;
  const lanes =
    closeness === FINER ? 1 : Math.max(1, Math.min(MOST_LANES, navigator.hardwareConcurrency ?? 1));
  const shares = await Promise.all(
    Array.from({ length: lanes }, (_, from) =>
      aside<Key[]>(
        new Worker(new URL('../workers/key.worker.ts', import.meta.url)),
        {
          scene,
          palette,
          ...(closeness === FINER ? { opens, gently: true } : {}),
          dots: dots.map((move) => move.dots),
          over,
          ...closeness,
          share: { from, every: lanes },
        } satisfies KeysAsk,
        { timeOutMs: TIME_OUT_MS },
      ),
    ),
  );
  return shares.flat();
}
