import type { Slope } from './slope';

/** Where a board stands on something: its place from the middle of the board, to the right and to the far edge. */
export interface Support {
  readonly name: string;
  readonly rightMm: number;
  readonly farMm: number;
}

/** How far a support is to be raised. */
export interface Raise {
  readonly support: string;
  readonly mm: number;
}

/** Four cups under a board, as most stand a board: under its corners, a fifth of it in from each edge. */
export function cupsUnder(widthMm: number, heightMm: number): Support[] {
  const [x, y] = [0.3 * widthMm, 0.3 * heightMm];
  return [
    { name: 'near left', rightMm: -x, farMm: -y },
    { name: 'near right', rightMm: x, farMm: -y },
    { name: 'far left', rightMm: -x, farMm: y },
    { name: 'far right', rightMm: x, farMm: y },
  ];
}

/** What is put under each support so that all are as high as the highest: the board is level then, and no support is lowered. */
export function raises({ right, far }: Slope, supports: readonly Support[]): Raise[] {
  const heights = supports.map((s) => (right * s.rightMm + far * s.farMm) / 1000);
  const top = Math.max(...heights);
  return supports.map(({ name }, i) => ({ support: name, mm: top - heights[i]! }));
}
