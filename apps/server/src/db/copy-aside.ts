import { once } from 'node:events';
import { Worker } from 'node:worker_threads';

/**
 * Copies a database in a thread beside the server's own: a studio with many pictures takes seconds, and nobody is to wait for that.
 * @param script the built thread
 */
export async function copyAside(script: URL, url: string, to: string): Promise<void> {
  const thread = new Worker(script, { workerData: { url, to } });
  try {
    await once(thread, 'message');
  } finally {
    await thread.terminate();
  }
}
