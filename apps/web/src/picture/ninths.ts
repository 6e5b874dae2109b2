/** The parts of a picture, row by row, as one says them. */
export const NINTHS = [
  'top left',
  'top',
  'top right',
  'left',
  'middle',
  'right',
  'bottom left',
  'bottom',
  'bottom right',
] as const;
