// A thread that computes one pour at a time and posts what came of it.
import { createHash } from 'node:crypto';
import { parentPort } from 'node:worker_threads';
import { plainKernel } from '@potter/core/flow';
import { computePour } from '@potter/core/plan';
import { loadKernel } from '@potter/kernel';
import type { PourAnswer, PourAsked } from './told';

const makeKernel = loadKernel().catch(() => plainKernel);

parentPort?.on('message', ({ job, asked }: { job: number; asked: PourAsked }) => {
  void makeKernel.then((make) => {
    try {
      const { told, finished } = computePour(asked.plan, make, asked);
      const hash = createHash('sha256').update(finished.rgba).digest('hex');
      const answer: PourAnswer = { ...told, hash };
      parentPort?.postMessage({ job, answer });
    } catch (error) {
      parentPort?.postMessage({ job, why: error instanceof Error ? error.message : String(error) });
    }
  });
});
