/** Has something worked out in a worker of its own, which ends with it. Throws an Error where the worker fails. */
export function aside<T>(worker: Worker, ask: unknown): Promise<T> {
  return new Promise((resolve, reject) => {
    const end = () => worker.terminate();
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
