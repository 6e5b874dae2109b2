import type { Corners } from '@potter/core/photograph';
import type { CameraSource } from './camera-source';

/** A picture of the piece, when it was taken by the camera's clock, and where the piece's corners are in it. */
export interface Taken {
  readonly picture: Blob;
  readonly at: number;
  readonly corners: Corners;
}

/** One that was looked at. */
export interface Seen<Told> extends Taken {
  readonly told: Told | undefined;
  /** The phone, or the piece, is not where it was before. */
  readonly moved: boolean;
  /** What went wrong with it, in words. */
  readonly fault?: string;
}

/** What a watch is made of. */
export interface Watcher<Told> {
  readonly find: (picture: Blob) => Promise<Corners | undefined>;
  readonly read: (taken: Taken) => Promise<Told | undefined>;
  /** Keeps one for good. */
  readonly keep: (taken: Taken) => Promise<void>;
  readonly tell: (seen: Seen<Told>) => void;
}

/** One in so many minutes is kept for good, with the first and the last: the others only tell. */
const KEEP_MS = 5 * 60_000;
/** The last is kept where it is so much later than the one before. */
const LAST_MS = 60_000;
/** Corners that are found further from where they were than this share of the picture tell that something was moved. */
const MOVED = 0.015;

/**
 * Takes a picture at every interval of the camera's own time, and has it looked at, until it is stopped: one after the other, for an old phone may take longer
 * to look than the interval. The first one is taken already, its corners looked at by the artist.
 * Throws what the camera throws where it is lost.
 */
export async function watchRest<Told>(
  camera: CameraSource,
  first: Taken,
  everyMs: number,
  { find, read, keep, tell }: Watcher<Told>,
  stopped: AbortSignal,
): Promise<void> {
  // What is not found in one picture may be in the next.
  const lookIn = (picture: Blob) => find(picture).catch(() => undefined);
  let found = await lookIn(first.picture);
  let { corners } = first;
  let keptAt = -Infinity;
  let last = first;
  const see = async (taken: Taken, moved: boolean): Promise<void> => {
    const faults: string[] = [];
    const said = async <T>(work: Promise<T>): Promise<T | undefined> => {
      try {
        return await work;
      } catch (error) {
        faults.push(error instanceof Error ? error.message : String(error));
        return undefined;
      }
    };
    const told = await said(read(taken));
    if (taken.at - keptAt >= KEEP_MS) {
      keptAt = taken.at;
      await said(keep(taken));
    }
    last = taken;
    tell({ ...taken, told, moved, ...(faults.length > 0 ? { fault: faults.join(' ') } : {}) });
  };
  await see(first, false);
  while (!stopped.aborted) {
    await until(camera, last.at + everyMs, stopped);
    if (stopped.aborted) break;
    const [picture, at] = [await camera.take(), Math.round(camera.now())];
    const now = await lookIn(picture);
    const moved = found !== undefined && now !== undefined && apart(found, now) > MOVED;
    if (moved) corners = now;
    if (moved || found === undefined) found = now;
    await see({ picture, at, corners }, moved);
  }
  if (last.at - keptAt >= LAST_MS) await keep(last);
}

/** How far the corner that moved most did, as a share of the picture. */
const apart = (a: Corners, b: Corners): number =>
  Math.max(...a.map(([x, y], i) => Math.hypot(b[i]![0] - x, b[i]![1] - y)));

/** Waits till the camera's clock shows a time, or it is stopped. */
const until = (camera: CameraSource, at: number, stopped: AbortSignal): Promise<void> =>
  new Promise((resolve) => {
    const over = () => {
      clearTimeout(timer);
      stopped.removeEventListener('abort', over);
      resolve();
    };
    const timer = setTimeout(over, Math.max(0, (at - camera.now()) / camera.pace));
    stopped.addEventListener('abort', over);
  });
