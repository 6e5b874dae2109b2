import {
  brief,
  type Plan,
  previewKey,
  type Preview,
  previewOf,
  type Studio,
} from '@potter/core/plan';
import { useEffect, useState } from 'react';
import type { Picture } from '@/picture/pour-host';
import type { Answer, Ask } from '@/workers/messages';

/** A film and a picture just fine enough to tell one technique from another. */
const SMALL = { cells: 40, pixels: 112 } as const;
/** Pictures kept for when somebody comes back. */
const MOST_KEPT = 120;

/** Pictures there are, by what decides them. */
const kept = new Map<string, Picture>();

/** Somebody who wants a plan's picture. */
export interface Wanted {
  readonly key: string;
  readonly plan: Plan;
}

/**
 * Small pictures of several plans, computed one after the other in the order wanted, by their keys. It goes on while one scrolls and stops when
 * nobody looks any more.
 */
export function useSmallPictures(
  wanted: readonly Wanted[],
  studio: Studio,
): ReadonlyMap<string, Picture> {
  const [pictures, setPictures] = useState<ReadonlyMap<string, Picture>>(new Map());
  useEffect(() => {
    const stop = compute(wanted, studio, (of, picture) =>
      setPictures((now) => new Map([...now, [of, picture]])),
    );
    return stop;
  }, [wanted, studio]);
  return pictures;
}

/** Has the pictures computed by a worker of their own; returns what stops it. */
function compute(
  wanted: readonly Wanted[],
  studio: Studio,
  tell: (of: string, picture: Picture) => void,
): () => void {
  const worker = new Worker(new URL('../workers/pour.worker.ts', import.meta.url));
  let at = -1;
  let key = '';
  let timer: ReturnType<typeof setTimeout>;
  const next = () => {
    at++;
    const one = wanted[at];
    if (!one) {
      worker.terminate();
      return;
    }
    // Between two of them the page has its turn.
    timer = setTimeout(() => begin(one), 0);
  };
  const begin = ({ key: of, plan }: Wanted) => {
    const preview: Preview = previewOf(plan, brief(plan, studio));
    key = previewKey(preview);
    const have = kept.get(key);
    if (have) {
      tell(of, have);
      next();
      return;
    }
    const { scene, palette, opens } = preview;
    worker.postMessage({
      kind: 'show',
      job: at,
      scene,
      palette,
      opens,
      // Only the first look is waited for; what would follow it is never begun.
      pixels: [SMALL.pixels + 1],
      soon: SMALL,
    } satisfies Ask);
  };
  worker.onmessage = ({ data }: MessageEvent<Answer>) => {
    if (!('job' in data) || data.job !== at) return;
    if (data.kind === 'picture') {
      const { width, height, rgba } = data;
      const picture = { width, height, rgba: new Uint8ClampedArray(rgba) };
      keep(key, picture);
      tell(wanted[at]!.key, picture);
    }
    // One that failed stays without.
    if (data.kind === 'picture' || data.kind === 'failed') next();
  };
  worker.onerror = (event) => event.preventDefault();
  next();
  return () => {
    clearTimeout(timer);
    worker.terminate();
  };
}

function keep(key: string, picture: Picture): void {
  kept.set(key, picture);
  const [oldest] = kept.keys();
  if (kept.size > MOST_KEPT && oldest !== undefined) kept.delete(oldest);
}
