import { findPiece, squaredUp } from '@potter/core/photograph';
import { expose } from 'comlink';
import { shrunk } from './shrunk';
import type { Found, SquareAsk, Squared } from './square-messages';

/** Corners are looked for in so many px: they are found to a fraction of one. */
const FIND_PX = 640;
/** A photograph is looked at so large to be squared. */
const SQUARE_PX = 1600;

async function square(ask: SquareAsk): Promise<Found | Squared> {
  const { canvas, context } = await shrunk(ask.picture, ask.kind === 'find' ? FIND_PX : SQUARE_PX);
  const { width, height } = canvas;
  const pixels = { width, height, rgba: context.getImageData(0, 0, width, height).data };
  if (ask.kind === 'square')
    return squaredUp(pixels, ask.corners, ask.width, ask.height, ask.neutral);
  return findPiece(pixels, ask.outline);
}

expose(square);
