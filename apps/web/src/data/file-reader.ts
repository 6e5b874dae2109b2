import type { FileAnswer, FileAsk } from '@/workers/file-messages';

/** Has a file or path read in a worker of its own, which ends with it. Throws an Error where the worker fails. */
export function readAside<R extends FileAsk['read']>(
  ask: Extract<FileAsk, { read: R }>,
): Promise<FileAnswer[R]> {
  return new Promise((resolve, reject) => {
    const worker = new Worker(new URL('../workers/file.worker.ts', import.meta.url));
    const end = () => worker.terminate();
    worker.onmessage = ({ data }: MessageEvent<{ value?: FileAnswer[R]; failed?: string }>) => {
      end();
      if (data.value === undefined) reject(new Error(data.failed ?? 'the file was not read'));
      else resolve(data.value);
    };
    worker.onerror = (event) => {
      end();
      reject(new Error(event.message || 'the file was not read'));
    };
    worker.postMessage(ask);
  });
}
