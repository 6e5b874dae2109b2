import { findCuts, hangings } from '@potter/core/cut';
import { expose } from 'comlink';
import type { CutAnswer, CutAsk, Pixels } from './cut-messages';
import { squaredFace } from './squared-face';

/** A knife is no finer. */
const PX_PER_MM = 2;

/** Looks for the best cuts of a photographed piece, away from the screen. */
async function find({ wanted, ...of }: CutAsk): Promise<CutAnswer | undefined> {
  const squared = await squaredFace(of, PX_PER_MM);
  if (!squared) return undefined;
  const { width, height, rgba, pxPerMm } = squared;
  const context = new OffscreenCanvas(width, height).getContext('2d')!;
  context.putImageData(new ImageData(new Uint8ClampedArray(rgba), width, height), 0, 0);
  return {
    whole: { width, height, rgba },
    cuts: findCuts(squared, wanted).map((cut) => {
      const [w, h] = [cut.widthMm, cut.heightMm].map((mm) => Math.max(1, Math.round(mm * pxPerMm)));
      const shows: Pixels = {
        width: w!,
        height: h!,
        rgba: context.getImageData(
          Math.round(cut.xMm * pxPerMm),
          Math.round(cut.yMm * pxPerMm),
          w!,
          h!,
        ).data,
      };
      return { cut, shows, ways: hangings({ ...shows, pxPerMm }) };
    }),
  };
}

expose(find);
