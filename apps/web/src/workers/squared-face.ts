import { type Corners, type EvenedBy, type Neutral, squaredUp } from '@potter/core/photograph';
import type { Picture } from '@potter/core/reading';
import type { Face } from './read-messages';
import { shrunk } from './shrunk';

/** A photograph is looked at so large. */
const PHOTOGRAPH_PX = 2400;
/** Finenesses it is squared up to, px a mm: whole squares of half a millimetre, as fine as keeps within so many px. */
const FINENESSES = [4, 2, 1, 0.5] as const;
const MOST_PX = 1600;

/** A photograph with its piece's corners, and the face it is of. */
export interface OfFace {
  readonly picture: Blob;
  readonly corners: Corners;
  readonly neutral?: Neutral | undefined;
  readonly face: Face;
}

/**
 * A piece squared up, clear beside its outline; how its light was told, and how it was taken. Undefined where three corners lie in a line.
 * @param finest px a mm that are enough
 */
export async function squaredFace(
  { picture, corners, neutral, face }: OfFace,
  finest: number = FINENESSES[0],
): Promise<
  | (Picture & {
      readonly light: EvenedBy;
      readonly taken: { readonly burnt: number; readonly pxPerMm: number };
    })
  | undefined
> {
  const { widthMm, heightMm } = face;
  const { canvas, context } = await shrunk(picture, PHOTOGRAPH_PX);
  const { width: wide, height: high } = canvas;
  const photograph = {
    width: wide,
    height: high,
    rgba: context.getImageData(0, 0, wide, high).data,
  };
  const long = Math.max(widthMm, heightMm);
  const pxPerMm =
    FINENESSES.find((fine) => fine <= finest && fine * long <= MOST_PX) ?? MOST_PX / long;
  const [width, height] = [Math.round(widthMm * pxPerMm), Math.round(heightMm * pxPerMm)];
  const squared = squaredUp(photograph, corners, width, height, neutral);
  if (!squared) return undefined;
  const { rgba, light, burnt } = squared;
  const side = (a: number, b: number): number =>
    Math.hypot((corners[a]![0] - corners[b]![0]) * wide, (corners[a]![1] - corners[b]![1]) * high);
  return {
    width,
    height,
    pxPerMm,
    light,
    rgba: withinOutline(rgba, width, height, face),
    taken: { burnt, pxPerMm: Math.min(side(0, 1), side(3, 2)) / widthMm },
  };
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
