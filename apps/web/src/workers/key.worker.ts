// Hosts core/flow's pictures of the way there: computes them, or its share of them, in one go.
import { type Engine, keyPictures, plainEngine } from '@potter/core/flow';
import { loadEngine } from '@potter/kernel';
import { expose } from 'comlink';
import type { Key, KeysAsk } from './key-messages';

const QUALITY = 0.9;
/** Where nobody waits: so long at work, and as long at rest, ms. */
const SPELL_MS = 20;

// Without WebAssembly or its SIMD the twin does the same, slower.
const loaded: Promise<Engine> = loadEngine().catch(() => plainEngine);

async function keys({ gently, ...ask }: KeysAsk): Promise<Key[]> {
  const made: Promise<Key>[] = [];
  let rested = performance.now();
  for (const told of keyPictures(await loaded, ask)) {
    if (gently && performance.now() - rested > SPELL_MS) {
      await new Promise((done) => setTimeout(done, SPELL_MS));
      rested = performance.now();
    }
    if (typeof told === 'number') continue;
    const canvas = new OffscreenCanvas(told.width, told.height);
    canvas.getContext('2d')?.putImageData(new ImageData(told.rgba, told.width, told.height), 0, 0);
    // Browsers that do not write this kind write another that keeps what lies beside the outline clear.
    const picture = canvas.convertToBlob({ type: 'image/webp', quality: QUALITY });
    made.push(picture.then((blob) => ({ turns: told.turns, picture: blob })));
  }
  return Promise.all(made);
}

expose(keys);
