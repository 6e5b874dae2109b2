import { trim } from '@potter/core/quantity';
import { NINTHS } from '@/picture/ninths';
import type { ReadAnswer } from '@/workers/read-messages';

/** More than this alike to itself mirrored, a picture looks symmetrical. */
const ALIKE = 0.5;
/** So much of the cells in one ninth are more than an even share. */
const MOST_LIE = 0.2;
/** Fewer cells than this have no spread and no place worth telling. */
const FEW = 5;

/** Where the cells of a picture lie and how unlike they are, and how alike it is to itself mirrored, in words. */
export function layoutWords({ read: { cells, symmetry }, cannot }: ReadAnswer): string {
  const told = cannot.fine && cells.count >= FEW;
  const most = cells.ninths.indexOf(Math.max(...cells.ninths));
  const ways = [
    ...(symmetry[0] >= ALIKE ? ['left to right'] : []),
    ...(symmetry[1] >= ALIKE ? ['top to bottom'] : []),
  ];
  return [
    ...(told
      ? [
          `Cells differ by ${trim(100 * cells.spread, 0)} % of their width${cells.ninths[most]! >= MOST_LIE ? `, and lie most at the ${NINTHS[most]!}` : ', and lie all over'}.`,
        ]
      : []),
    ways.length > 0
      ? `Mirrored ${ways.join(' and ')} it is much like itself.`
      : 'It is not symmetrical.',
  ].join(' ');
}
