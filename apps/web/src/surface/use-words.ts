import type { Surface } from '@potter/core/surface';

/** What a surface is for, as it is said. */
export const USE_WORDS: Readonly<Record<Surface['use'], string>> = {
  indoor: 'Hung indoors',
  outdoor: 'Outdoor door',
  hot: 'Hot cups',
  handled: 'Handled',
};
