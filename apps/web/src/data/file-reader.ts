import type { FileAnswer, FileAsk } from '@/workers/file-messages';
import { aside } from './aside';

/** Has a file or path read aside. Throws an Error where that fails. */
export const readAside = <R extends FileAsk['read']>(
  ask: Extract<FileAsk, { read: R }>,
): Promise<FileAnswer[R]> =>
  aside(new Worker(new URL('../workers/file.worker.ts', import.meta.url)), ask);
