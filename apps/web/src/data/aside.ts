import { releaseProxy, wrap } from 'comlink';

/** Whatever is worked out aside is done in a second or two, even on an old phone; what takes longer than this will not come to an end, ms. */
const TIME_OUT_MS = 30_000;

/**
 * Has something worked out by a worker that exposes one function; it ends with its answer. Throws an Error where it fails, or takes too long.
 * @param timeOutMs for what nobody waits for at the screen
 * @param signal nobody waits for it any more: the worker ends at once
 */
export async function aside<T>(
  worker: Worker,
  ask: unknown,
  { timeOutMs = TIME_OUT_MS, signal }: { timeOutMs?: number; signal?: AbortSignal } = {},
): Promise<T> {
  const remote = wrap<(ask: unknown) => T>(worker);
  let timer: ReturnType<typeof setTimeout> | undefined;
  let left: () => void = () => undefined;
  const nothing = new Promise<never>((_resolve, reject) => {
    const stopped = `it was stopped after ${timeOutMs / 1000} s: too much for this device. Try a smaller or simpler one.`;
    timer = setTimeout(() => reject(new Error(stopped)), timeOutMs);
    // One that cannot even begin answers nothing.
    worker.onerror = ({ message }) => reject(new Error(message || 'it was not worked out'));
    left = () => reject(new Error('nobody waits for it any more'));
    if (signal?.aborted) left();
    signal?.addEventListener('abort', left);
  });
  try {
    return await Promise.race([remote(ask) as Promise<T>, nothing]);
  } finally {
    clearTimeout(timer);
    signal?.removeEventListener('abort', left);
    remote[releaseProxy]();
    worker.terminate();
  }
}
