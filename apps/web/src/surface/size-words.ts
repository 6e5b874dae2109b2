import { trim } from '@potter/core/quantity';
import type { Shape } from '@potter/core/surface';

/** A surface's size as it is typed: "50 x 40 cm", "30 cm round". */
export function sizeWords(shape: Shape): string {
  const cm = (mm: number) => trim(mm / 10, 2);
  return shape.kind === 'rect'
    ? `${cm(shape.widthMm)} x ${cm(shape.heightMm)} cm`
    : `${cm(shape.diameterMm)} cm round`;
}
