// A thread that makes one print and ends: it posts how far it is, then the picture.
import { parentPort, workerData } from 'node:worker_threads';
import { plainEngine } from '@potter/core/flow';
import { type Print, printOf } from '@potter/core/plan';
import { loadEngine } from '@potter/kernel';
import sharp from 'sharp';
import type { PrintAsked, PrintPosted } from './told';

/** How often it posts how far it is, ms. */
const TELL_MS = 250;

const post = (posted: PrintPosted, transfer: ArrayBuffer[] = []) =>
  parentPort?.postMessage(posted, transfer);

async function computed(asked: PrintAsked): Promise<Print> {
  const work = printOf(asked, await loadEngine().catch(() => plainEngine));
  let told = -Infinity;
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
    const now = performance.now();
    if (now - told < TELL_MS) continue;
    told = now;
    post({ share: step.value });
  }
}

async function main(): Promise<void> {
  const { rgba, width, height, dotsAnInch } = await computed(workerData as PrintAsked);
  const png = await sharp(rgba, { raw: { width, height, channels: 4 } })
    // Told in the file, so that it prints as large as the piece.
    .withMetadata({ density: dotsAnInch })
    .png()
    .toBuffer();
  const own = Uint8Array.from(png);
  post({ png: own }, [own.buffer]);
}

// What goes wrong is heard by whoever began it.
void main().catch((error: unknown) => {
  setImmediate(() => {
    throw error;
  });
});
