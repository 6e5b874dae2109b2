/** Where on the surface a point lies, in words: "the middle", "the upper left". */
export function placeWords(
  [x, y]: readonly [number, number],
  widthMm: number,
  heightMm: number,
): string {
  const across = third(x / widthMm, 'left', 'right');
  const down = third(y / heightMm, 'upper', 'lower');
  if (!across && !down) return 'the middle';
  if (!across) return down === 'upper' ? 'the top edge' : 'the bottom edge';
  return down ? `the ${down} ${across}` : `the ${across} side`;
}

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
