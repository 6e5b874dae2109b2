import { Worker } from 'node:worker_threads';
import type { PrintTold } from '@potter/contract';
import { serial } from '../db/serial';
import { Refused } from '../refused';
import type { PrintAsked, PrintPosted } from './told';

/** Makes prints somewhere that does not hold up answers: one of each plan, one at a time. */
export interface PrintHost {
  /** Begins one; whatever was made of the same plan before gives way to it. */
  readonly begin: (plan: string, asked: PrintAsked) => PrintTold;
  readonly told: (plan: string) => PrintTold;
  /** The picture, once it is done. */
  readonly png: (plan: string) => Uint8Array | undefined;
  /** Leaves one off, or lets go of what was made. */
  readonly drop: (plan: string) => PrintTold;
  readonly close: () => Promise<void>;
}

/** Finished ones that are kept until the studio stops, some 20 MB each; and how many may wait. */
const MOST_KEPT = 2;
const MOST_WAITING = 8;

interface Made {
  told: PrintTold;
  png?: Uint8Array;
  thread?: Worker;
}

const NONE: PrintTold = { state: 'none', share: 0 };

/** @param script the built thread */
export function printHost(script: URL): PrintHost {
  const inTurn = serial();
  /** By plan, the one begun first at the head. */
  const made = new Map<string, Made>();

  async function make(one: Made, asked: PrintAsked): Promise<void> {
    const worker = new Worker(script, { workerData: asked });
    one.thread = worker;
    one.told = { ...one.told, state: 'computing' };
    worker.on('message', (posted: PrintPosted) => {
      if ('share' in posted) one.told = { ...one.told, share: posted.share };
      else {
        one.png = posted.png;
        one.told = { ...one.told, state: 'done', share: 1 };
        keepFew();
      }
    });
    worker.on('error', (error) => {
      one.told = { ...one.told, state: 'failed', why: inWords(error) };
    });
    await new Promise((resolve) => worker.once('exit', resolve));
    delete one.thread;
    if (one.told.state === 'computing')
      one.told = { ...one.told, state: 'failed', why: 'it ended before it was done' };
  }

  function keepFew(): void {
    const done = [...made].filter(([, { png }]) => png);
    for (const [plan] of done.slice(0, -MOST_KEPT)) made.delete(plan);
  }

  function drop(plan: string): PrintTold {
    void made.get(plan)?.thread?.terminate();
    made.delete(plan);
    return NONE;
  }

  return {
    begin: (plan, asked) => {
      const waiting = [...made.values()].filter(({ told }) => told.state === 'waiting');
      if (waiting.length >= MOST_WAITING)
        throw new Refused(
          'too-many',
          'So many prints are waiting already: let some be done first.',
        );
      drop(plan);
      const { px, look, seed = asked.plan.seed ?? 1 } = asked;
      const one: Made = { told: { state: 'waiting', share: 0, of: { px, look, seed } } };
      made.set(plan, one);
      void inTurn(async () => {
        if (made.get(plan) === one) await make(one, asked);
      });
      return one.told;
    },
    told: (plan) => made.get(plan)?.told ?? NONE,
    png: (plan) => made.get(plan)?.png,
    drop,
    close: async () => {
      const threads = [...made.values()].flatMap(({ thread }) => thread ?? []);
      made.clear();
      await Promise.all(threads.map((thread) => thread.terminate()));
    },
  };
}

/** Memory that is not there has many names. */
const inWords = (error: unknown): string => {
  const why = error instanceof Error ? error.message : String(error);
  return /memory|allocation/i.test(why)
    ? 'this machine has not enough memory for one so large; ask for a smaller one'
    : why;
};
