/** Whatever is worked out aside is done in a second or two, even on an old phone; what takes longer than this will not come to an end, ms. */
const TIME_OUT_MS = 30_000;

/** Has something worked out in a worker of its own, which ends with it. Throws an Error where the worker fails, or takes too long. */
export function aside<T>(worker: Worker, ask: unknown): Promise<T> {
  return new Promise((resolve, reject) => {
    const end = () => {
      clearTimeout(timer);
      worker.terminate();
    };
    const timer = setTimeout(() => {
      end();
      reject(
        new Error(
          `it was stopped after ${TIME_OUT_MS / 1000} s: too much for this device. Try a smaller or simpler one.`,
        ),
      );
    }, TIME_OUT_MS);
    worker.onmessage = ({ data }: MessageEvent<{ value?: T; failed?: string }>) => {
      end();
      if (data.value === undefined) reject(new Error(data.failed ?? 'it was not worked out'));
      else resolve(data.value);
    };
    worker.onerror = (event) => {
      end();
      reject(new Error(event.message || 'it was not worked out'));
    };
    worker.postMessage(ask);
  });
}
