// A thread that computes one pour at a time and posts what came of it.
import { createHash } from 'node:crypto';
import { parentPort } from 'node:worker_threads';
import { plainEngine } from '@potter/core/flow';
import { computePour } from '@potter/core/plan';
import { loadEngine } from '@potter/kernel';
import type { PourAnswer, PourAsked } from './told';

const loaded = loadEngine().catch(() => plainEngine);

parentPort?.on('message', ({ job, asked }: { job: number; asked: PourAsked }) => {
  void loaded.then((engine) => {
    try {
      const { told, finished } = computePour(asked.plan, engine, asked);
      const hash = createHash('sha256').update(finished.rgba).digest('hex');
      const answer: PourAnswer = { ...told, hash };
      parentPort?.postMessage({ job, answer });
    } catch (error) {
      parentPort?.postMessage({ job, why: error instanceof Error ? error.message : String(error) });
    }
  });
});
