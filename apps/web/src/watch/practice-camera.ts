import { brief, type Plan, pourAskOf, previewOf } from '@potter/core/plan';
import { proxy, releaseProxy, wrap } from 'comlink';
import type { PracticeCamera } from '@/workers/practice-camera-messages';
import type { CameraSource } from './camera-source';
import { practiceWorker } from './practice-worker';

/** A minute of the practice piece's rest takes five seconds. */
const PACE = 12;

/** A camera to practise with: it looks down on the plan's own preview, at rest, and time goes faster for it. */
export async function practiceCamera(
  plan: Plan,
  tell: (share: number) => void,
  stopped: AbortSignal,
): Promise<CameraSource> {
  const worker = practiceWorker();
  const remote = wrap<PracticeCamera>(worker);
  let closed = false;
  const close = () => {
    if (closed) return;
    closed = true;
    remote[releaseProxy]();
    worker.terminate();
  };
  stopped.addEventListener('abort', close);
  const { scene, palette, opens } = pourAskOf(previewOf(plan, brief(plan), plan.seed ?? 1));
  try {
    await remote.pour({ scene, palette, opens }, proxy(tell));
  } catch (error) {
    close();
    throw error;
  }
  const begun = Date.now();
  const now = () => begun + PACE * (Date.now() - begun);
  return { now, pace: PACE, take: () => remote.take((now() - begun) / 1000), close };
}
