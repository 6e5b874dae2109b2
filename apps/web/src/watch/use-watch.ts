import type { Plan } from '@potter/core/plan';
import { grownInAll, type GrownInAll } from '@potter/core/reading';
import { useEffect, useRef, useState } from 'react';
import { findPiece, outlineOf } from '@/journal/squared';
import { cellsIn, type RestPicture, spaced, type Watch, watchesOf } from '@/reading/rest-words';
import { readPhotograph } from '@/reading/use-read';
import type { CameraSource } from './camera-source';
import { phoneCamera } from './phone-camera';
import { practiceCamera } from './practice-camera';
import { type Taken, watchRest } from './watch-rest';

export type Which = 'phone' | 'practice';

/** What was seen so far. */
export interface Watched {
  /** The last picture, as it was taken, and what it cannot tell. */
  readonly last?: { readonly url: string; readonly lacks: readonly string[] } & Pick<
    Taken,
    'at' | 'corners'
  >;
  readonly first: number;
  readonly pictures: readonly RestPicture[];
  /** Growth between pictures that are some minutes apart, up to the last that tells of cells. */
  readonly watches: readonly Watch[];
  /** How much wider cells were at each picture than at first; the first of them itself. */
  readonly grown: readonly GrownInAll[];
  /** When phone or piece were last moved. */
  readonly movedAt?: number;
  /** How many were kept for good. */
  readonly kept: number;
  readonly fault?: string;
}

export type Stage =
  | { readonly is: 'choosing'; readonly fault?: string }
  | { readonly is: 'opening'; readonly which: Which; readonly share?: number }
  | { readonly is: 'framing'; readonly camera: CameraSource }
  | {
      readonly is: 'corners';
      readonly camera: CameraSource;
      readonly url: string;
      readonly first: Omit<Taken, 'corners'>;
    }
  | { readonly is: 'watching'; readonly camera: CameraSource; readonly seen: Watched }
  | { readonly is: 'over'; readonly seen: Watched };

interface Setting {
  readonly plan: Plan;
  readonly everyMs: number;
  /** Keeps a picture with the piece. */
  readonly keep: (taken: Taken) => Promise<void>;
}

/** A watch over a resting piece, from the choice of a camera to the last picture; leaving the page closes the camera. */
export function useWatch({ plan, everyMs, keep }: Setting) {
  const [stage, setStage] = useState<Stage>({ is: 'choosing' });
  const open = useRef<CameraSource | undefined>(undefined);
  const stop = useRef<AbortController | undefined>(undefined);
  const urls = useRef<string[]>([]);
  const practising = useRef(false);
  const close = () => {
    stop.current?.abort();
    open.current?.close();
    open.current = undefined;
  };
  useEffect(
    () => () => {
      close();
      urls.current.forEach((url) => URL.revokeObjectURL(url));
    },
    [],
  );
  const shown = (picture: Blob): string => {
    const url = URL.createObjectURL(picture);
    urls.current.push(url);
    // The one before is on screen until this one is.
    if (urls.current.length > 2) URL.revokeObjectURL(urls.current.shift()!);
    return url;
  };

  const choose = async (which: Which) => {
    practising.current = which === 'practice';
    const opening = (stop.current = new AbortController());
    setStage({ is: 'opening', which });
    try {
      const camera =
        which === 'phone'
          ? await phoneCamera()
          : await practiceCamera(
              plan,
              (share) => setStage({ is: 'opening', which, share }),
              opening.signal,
            );
      // Left while it opened: nobody looks any more.
      if (opening.signal.aborted) return camera.close();
      open.current = camera;
      setStage({ is: 'framing', camera });
    } catch (error) {
      if (!opening.signal.aborted) setStage({ is: 'choosing', fault: wordsOf(error) });
    }
  };
  const begin = async (camera: CameraSource) => {
    try {
      const [picture, at] = [await camera.take(), Math.round(camera.now())];
      setStage({ is: 'corners', camera, url: shown(picture), first: { picture, at } });
    } catch (error) {
      close();
      setStage({ is: 'choosing', fault: wordsOf(error) });
    }
  };
  const watch = async (camera: CameraSource, first: Taken) => {
    const stopping = (stop.current = new AbortController());
    let seen: Watched = {
      first: first.at,
      pictures: [],
      watches: [],
      grown: [grownInAll([])],
      kept: 0,
    };
    const tell = (now: Watched) => {
      seen = now;
      setStage({ is: 'watching', camera, seen });
    };
    tell(seen);
    try {
      await watchRest(
        camera,
        first,
        everyMs,
        {
          find: (picture) => findPiece(picture, outlineOf(plan)),
          read: ({ picture, corners }) => readPhotograph(picture, { corners, state: 'wet' }, plan),
          keep: async (taken) => {
            if (practising.current) return;
            await keep(taken);
            seen = { ...seen, kept: seen.kept + 1 };
          },
          tell: ({ picture, at, corners, told, moved, fault }) => {
            const pictures = [...seen.pictures, { at, cells: cellsIn(told) }];
            const watches = watchesOf(spaced(pictures));
            const { fault: _, ...before } = seen;
            tell({
              ...before,
              last: { url: shown(picture), at, corners, lacks: told?.cannot.says ?? [] },
              pictures,
              watches,
              grown: watches.length ? [...seen.grown, grownInAll(watches)] : seen.grown,
              ...(moved ? { movedAt: at } : {}),
              ...(fault === undefined ? {} : { fault }),
            });
          },
        },
        stopping.signal,
      );
      setStage({ is: 'over', seen });
    } catch (error) {
      setStage({ is: 'over', seen: { ...seen, fault: wordsOf(error) } });
    } finally {
      close();
    }
  };
  return {
    stage,
    choose: (which: Which) => void choose(which),
    begin: (camera: CameraSource) => void begin(camera),
    watch: (camera: CameraSource, first: Taken) => void watch(camera, first),
    stop: () => stop.current?.abort(),
    again: () => {
      close();
      setStage({ is: 'choosing' });
    },
  };
}

const wordsOf = (error: unknown): string =>
  error instanceof Error ? error.message : String(error);
