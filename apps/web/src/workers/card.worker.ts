import { findFields, readField } from '@potter/core/card';
import { expose } from 'comlink';
import type { CardAnswer, CardAsk } from './card-messages';
import { shrunk } from './shrunk';

/** A card's marks are looked for, and its boxes read, in so many px: of a sheet of four a mark has eight. */
const PX = 1600;

/** Reads photographed opacity cards away from the screen. */
async function read({ picture, black }: CardAsk): Promise<CardAnswer> {
  const { canvas, context } = await shrunk(picture, PX);
  const { width, height } = canvas;
  const pixels = { width, height, rgba: context.getImageData(0, 0, width, height).data };
  return findFields(pixels).map((field) => readField(pixels, field, black));
}

expose(read);
