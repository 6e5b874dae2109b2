/** Where on the surface a point lies, in words: "the middle", "the upper left". */
export function placeWords(
  [x, y]: readonly [number, number],
  widthMm: number,
  heightMm: number,
): string {
  const across = third(x / widthMm, 'left', 'right');
  const down = third(y / heightMm, 'upper', 'lower');
  if (!across && !down) return 'the middle';
  // By an edge only what is near it: a quarter down is above the middle.
  const near = (share: number) => share < AT_EDGE || share > 1 - AT_EDGE;
  if (!across)
    return near(y / heightMm)
      ? `the ${down === 'upper' ? 'top' : 'bottom'} edge`
      : down === 'upper'
        ? 'above the middle'
        : 'below the middle';
  if (down) return `the ${down} ${across}`;
  return near(x / widthMm) ? `the ${across} edge` : `${across} of the middle`;
}

/** Nearer to an edge than this share of the side is at it. */
const AT_EDGE = 0.12;

const third = (share: number, low: string, high: string): string =>
  share < 0.34 ? low : share > 0.66 ? high : '';

/** A compass of the picture: which way an angle points, clockwise from +x (right), y down. */
export function directionWords(deg: number): string {
  const names = [
    'right',
    'lower right',
    'bottom',
    'lower left',
    'left',
    'upper left',
    'top',
    'upper right',
  ];
  return names[((Math.round(deg / 45) % 8) + 8) % 8] ?? 'right';
}
