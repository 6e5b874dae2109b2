import { plannedColours } from '@potter/core/flow';
import type { Corners } from '@potter/core/photograph';
import type { Photograph as Taken } from '@potter/core/piece';
import { paletteOf, type Plan } from '@potter/core/plan';
import { useQueries, useQuery } from '@tanstack/react-query';
import { aside } from '@/data/aside';
import { pictureOf } from '@/data/pictures';
import type { Picture } from '@/picture/had';
import type { ReadAnswer, ReadAsk } from '@/workers/read-messages';
import { faceOf } from './face-of';

const worker = () => new Worker(new URL('../workers/read.worker.ts', import.meta.url));

/** A reading, or why there is none. */
export interface Read {
  readonly answer: ReadAnswer | undefined;
  /** Something was put right, and it is being read anew: the answer is that of before. */
  readonly anew?: boolean;
  readonly error: Error | null;
}

const NONE: Read = { answer: undefined, error: null };

/**
 * How a photograph is asked for; nothing is, where its corners are not known.
 * @param turn whether it is its turn: what is on screen is read before what stands beside it
 */
const askFor = (
  { picture, corners, neutral, told, cells, state }: Partial<Taken>,
  plan: Plan,
  turn: boolean,
) => ({
  queryKey: ['read', picture, corners, neutral, told, cells, state, plan.mixes, plan.surface],
  enabled: turn && picture !== undefined && corners !== undefined,
  staleTime: Infinity,
  retry: false,
  queryFn: async ({ signal }: { readonly signal: AbortSignal }): Promise<ReadAnswer | null> =>
    (await readPhotograph(
      await pictureOf(picture!),
      { corners: corners!, neutral, told, cells, state },
      plan,
      signal,
    )) ?? null,
});

/** Has a photograph read against its plan; undefined where three of its corners lie in a line. */
export function readPhotograph(
  picture: Blob,
  {
    corners,
    neutral,
    told,
    cells,
    state,
  }: Pick<Taken, 'neutral' | 'told' | 'cells'> &
    Partial<Pick<Taken, 'state'>> & { readonly corners: Corners },
  plan: Plan,
  signal?: AbortSignal,
): Promise<ReadAnswer | undefined> {
  const ask: ReadAsk = {
    kind: 'photograph',
    picture,
    corners,
    neutral,
    told,
    cells,
    shiny: state !== 'dry',
    planned: plannedColours(paletteOf(plan)),
    face: faceOf(plan),
  };
  return aside(worker(), ask, signal ? { signal } : {});
}

/** A photograph read against its plan; nothing until it is, and while nobody asks. */
export function useRead(taken: Taken | undefined, plan: Plan, turn = true): Read {
  const asked = askFor(taken ?? {}, plan, turn);
  const {
    data,
    error,
    isPlaceholderData: anew,
  } = useQuery({
    ...asked,
    // Of the same picture what was read before stays in sight.
    placeholderData: (before: ReadAnswer | null | undefined, query) =>
      query?.queryKey[1] === taken?.picture ? before : undefined,
  });
  return asked.enabled ? { answer: data ?? undefined, anew, error } : NONE;
}

/** Several photographs read in the same way, in their order; undefined where one is not yet. */
export const useReads = (
  taken: readonly Taken[],
  plan: Plan,
  turn: boolean,
): readonly (ReadAnswer | undefined)[] =>
  useQueries({ queries: taken.map((one) => askFor(one, plan, turn)) }).map(
    ({ data }) => data ?? undefined,
  );

/** The computed picture of a plan, read in the same way. */
export function useReadPreview(picture: Picture | undefined, plan: Plan): Read {
  const { data, error } = useQuery({
    queryKey: ['read', 'computed', plan.mixes, plan.moves, plan.seed, plan.surface],
    enabled: picture !== undefined,
    staleTime: Infinity,
    retry: false,
    queryFn: ({ signal }) => {
      const { width, height, rgba } = picture!;
      const ask: ReadAsk = {
        kind: 'computed',
        width,
        height,
        rgba,
        planned: plannedColours(paletteOf(plan)),
        face: faceOf(plan),
      };
      return aside<ReadAnswer>(worker(), ask, { signal });
    },
  });
  return { answer: data, error };
}
