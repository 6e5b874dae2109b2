import { squaredUp } from '@potter/core/photograph';
import { cannotTell, readClosely } from '@potter/core/reading';
import { expose } from 'comlink';
import type { Face, ReadAnswer, ReadAsk } from './read-messages';
import { shrunk } from './shrunk';

/** A photograph is looked at so large. */
const PHOTOGRAPH_PX = 2400;
/** Finenesses it is squared up to, px a mm: whole squares of half a millimetre, as fine as keeps within so many px. */
const FINENESSES = [4, 2, 1, 0.5] as const;
const MOST_PX = 1600;

/** A computed picture lacks nothing a camera may lack. */
const NOTHING_LACKS = { nothing: false, fine: true, says: [] };

/** Reads pictures of pieces away from the screen. */
async function read(ask: ReadAsk): Promise<ReadAnswer | undefined> {
  const { widthMm, heightMm } = ask.face;
  if (ask.kind === 'computed') {
    const picture = { ...ask, pxPerMm: ask.width / widthMm };
    return {
      read: readClosely(picture, ask.planned, { light: 'known' }),
      cannot: NOTHING_LACKS,
      light: 'computed',
    };
  }
  const { canvas, context } = await shrunk(ask.picture, PHOTOGRAPH_PX);
  const { width: wide, height: high } = canvas;
  const photograph = {
    width: wide,
    height: high,
    rgba: context.getImageData(0, 0, wide, high).data,
  };
  const long = Math.max(widthMm, heightMm);
  const pxPerMm = FINENESSES.find((fine) => fine * long <= MOST_PX) ?? MOST_PX / long;
  const [width, height] = [Math.round(widthMm * pxPerMm), Math.round(heightMm * pxPerMm)];
  const squared = squaredUp(photograph, ask.corners, width, height, ask.neutral);
  if (!squared) return undefined;
  const { rgba, light, burnt } = squared;
  const told = readClosely(
    { width, height, rgba: withinOutline(rgba, width, height, ask.face), pxPerMm },
    ask.planned,
    {
      light: light === 'white' || light === 'grey' ? 'known' : 'fitted',
      shiny: ask.shiny,
      told: ask.told ?? [],
    },
  );
  const side = (a: number, b: number): number =>
    Math.hypot(
      (ask.corners[a]![0] - ask.corners[b]![0]) * wide,
      (ask.corners[a]![1] - ask.corners[b]![1]) * high,
    );
  const taken = {
    burnt,
    pxPerMm: Math.min(side(0, 1), side(3, 2)) / widthMm,
  };
  return { read: told, cannot: cannotTell(taken, told), light };
}

/** The same pixels, clear beside the piece. */
function withinOutline(
  rgba: Uint8ClampedArray,
  width: number,
  height: number,
  { path, widthMm, heightMm }: Face,
): Uint8ClampedArray {
  const context = new OffscreenCanvas(width, height).getContext('2d')!;
  context.putImageData(new ImageData(new Uint8ClampedArray(rgba), width, height), 0, 0);
  context.globalCompositeOperation = 'destination-in';
  context.scale(width / widthMm, height / heightMm);
  context.fill(new Path2D(path), 'evenodd');
  return context.getImageData(0, 0, width, height).data;
}

expose(read);
