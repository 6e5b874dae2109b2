import { Worker } from 'node:worker_threads';
import { serial } from '../db/serial';
import type { PourAnswer, PourAsked } from './told';

/** Computes pours somewhere that does not hold up answers. */
export interface PourHost {
  readonly run: (asked: PourAsked) => Promise<PourAnswer>;
  readonly close: () => Promise<void>;
}

type Posted = { readonly job: number } & (
  | { readonly answer: PourAnswer }
  | { readonly why: string }
);

/** Nobody asking for this long: the thread and its memory are let go, ms. */
const IDLE_MS = 60_000;

/**
 * One thread beside the server's own, begun when it is first asked; pours wait for each other.
 * @param script the built thread
 */
export function threadHost(script: URL): PourHost {
  const inTurn = serial();
  let thread: Worker | undefined;
  let idle: NodeJS.Timeout | undefined;
  let jobs = 0;
  const letGo = async (): Promise<void> => {
    clearTimeout(idle);
    const gone = thread;
    thread = undefined;
    await gone?.terminate();
  };
  const ask = (asked: PourAsked) =>
    new Promise<PourAnswer>((resolve, reject) => {
      clearTimeout(idle);
      const worker = (thread ??= new Worker(script));
      const job = ++jobs;
      const settle = (act: () => void) => {
        worker.off('message', hear).off('error', broken);
        idle = setTimeout(() => void letGo(), IDLE_MS).unref();
        act();
      };
      const hear = (posted: Posted) => {
        if (posted.job !== job) return;
        settle(() => ('answer' in posted ? resolve(posted.answer) : reject(new Error(posted.why))));
      };
      const broken = (error: Error) =>
        settle(() => {
          thread = undefined;
          reject(error);
        });
      worker.on('message', hear).on('error', broken);
      worker.postMessage({ job, asked });
    });
  return { run: (asked) => inTurn(() => ask(asked)), close: letGo };
}
