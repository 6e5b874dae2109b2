/** What blanks are made of. */
export const SUPPORTS = [
  'canvas',
  'panel',
  'paper',
  'wood',
  'tile',
  'glass',
  'metal',
  'object',
] as const;

export type Support = (typeof SUPPORTS)[number];
