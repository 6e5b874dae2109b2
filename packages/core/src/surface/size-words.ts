import { trim } from '../quantity/show';
import { toUnit } from '../quantity/unit';
import { shapeOf } from './measure';
import type { Shape } from './schema';

export type SizeUnit = 'cm' | 'mm' | 'in';

const DECIMALS: Readonly<Record<SizeUnit, number>> = { cm: 2, mm: 0, in: 2 };

/** A size in words: "50 × 40 cm", "30 cm round". With " x " between the sides it can be typed again. */
export function sizeWords(shape: Shape, unit: SizeUnit, between = ' × '): string {
  const { sides, suffix } = shapeOf(shape);
  const figures = sides(shape).map((mm) => trim(toUnit(mm, unit), DECIMALS[unit]));
  return `${figures.join(between)} ${unit}${suffix(shape)}`;
}
