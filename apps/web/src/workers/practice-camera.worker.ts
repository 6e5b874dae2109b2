import { exposed, handShot } from '@potter/core/camera';
import { atRest, plainEngine, type RestPicture } from '@potter/core/flow';
import { loadEngine } from '@potter/kernel';
import { expose } from 'comlink';
import type { PracticeCamera } from './practice-camera-messages';

/** Longer side of the piece that is photographed, px. */
const PIECE_PX = 900;
/** Of a photograph, px. */
const SIZE = [1600, 1200] as const;
/** How much a window shines in wet paint. */
const GLOSS = 0.15;
const QUALITY = 0.9;
/** How often the share done is told, ms. */
const TELL_MS = 150;

let at: ((leftForS: number) => RestPicture) | undefined;
let seed = 1;
let taken = 0;

const camera: PracticeCamera = {
  pour: async (ask, tell) => {
    const engine = await loadEngine().catch(() => plainEngine);
    const work = atRest(engine, { ...ask, pixels: PIECE_PX });
    let told = 0;
    let step = work.next();
    for (; !step.done; step = work.next()) {
      if (performance.now() - told < TELL_MS) continue;
      told = performance.now();
      tell(step.value);
    }
    at = step.value;
    seed = ask.scene.seed;
  },
  take: async (leftForS) => {
    if (!at) throw new Error('the practice piece is not poured yet');
    const flat = at(leftForS);
    const [width, height] = flat.height > flat.width ? [SIZE[1], SIZE[0]] : SIZE;
    const shot = { ...handShot(seed, [width, height], flat, GLOSS), nth: taken++ };
    const sharp = new OffscreenCanvas(width, height);
    const data = new Uint8ClampedArray(exposed(flat, shot).rgba);
    sharp.getContext('2d')!.putImageData(new ImageData(data, width, height), 0, 0);
    const canvas = new OffscreenCanvas(width, height);
    const context = canvas.getContext('2d')!;
    context.filter = `blur(${shot.blurPx}px)`;
    context.drawImage(sharp, 0, 0);
    return canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY });
  },
};

expose(camera);
