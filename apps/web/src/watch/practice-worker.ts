/** Apart, for tests: they have no workers. */
export const practiceWorker = (): Worker =>
  new Worker(new URL('../workers/practice-camera.worker.ts', import.meta.url));
