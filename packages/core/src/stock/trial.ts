import { trim } from '../quantity/show';
import type { OpacityClass, Paint } from '../paint/schema';
import type { PaintTrial, ShelfPaint } from './schema';

/** What is seen of a black bar under two dried coats, by class (handbook 3, common practice, no published source). */
export const COVERS: readonly { readonly class: OpacityClass; readonly says: string }[] = [
  { class: 'opaque', says: 'Nothing shows of the bar.' },
  { class: 'semi-opaque', says: 'The bar shows as a shadow.' },
  { class: 'semi-transparent', says: 'The bar is plain to see, the paint colours it.' },
  { class: 'transparent', says: 'The bar is as black as beside the paint.' },
];

/** As many trials as a paint keeps: the oldest go. */
const MOST = 100;

const tried = (item: ShelfPaint, paint: Partial<Paint>, trial: PaintTrial): ShelfPaint => ({
  ...item,
  paint: { ...item.paint, ...paint },
  trials: [...(item.trials ?? []), trial].slice(-MOST),
});

/** A paint after its card was judged: it is as opaque as was seen, and remembers when; `within`: how far off a camera's reading may be. */
export const withOpacity = (
  item: ShelfPaint,
  on: string,
  opacity: Paint['opacity'],
  { coats = 2, within }: { readonly coats?: number; readonly within?: number } = {},
): ShelfPaint =>
  tried(
    item,
    { opacity },
    { kind: 'opacity-card', on, coats, opacity, ...(within === undefined ? {} : { within }) },
  );

/** A paint after its tint swatch was judged: from then on it pulls its blends as far as one part of it pulled ten of white. */
export const withTintSwatch = (item: ShelfPaint, on: string, hex: string): ShelfPaint =>
  tried(item, { tint10Hex: hex }, { kind: 'tint-swatch', on, hex });

/** What artists note of a paint beside how it covers (common practice, no published source). */
export const USUAL_NOTES = [
  'chalky',
  'dulls when dry',
  'dries darker',
  'turns pink with white',
  'turns green with white',
  'leaves streaks',
] as const;

/** A paint with something that was seen of it. */
export const withNote = (item: ShelfPaint, on: string, says: string): ShelfPaint =>
  tried(item, {}, { kind: 'note', on, says });

/** What was noted of a paint, each once, the last first. */
export const notesOf = ({ trials = [] }: Pick<ShelfPaint, 'trials'>): string[] => [
  ...new Set(trials.flatMap((trial) => (trial.kind === 'note' ? [trial.says] : [])).reverse()),
];

/** The densities a paint may have, g/mL: the schema's own limits. */
const LIGHTEST = 0.8;
const HEAVIEST = 3;

/** What is wrong with a weighing, and how to mend it; undefined where it can be. */
export function densityFault(ml: number, g: number): string | undefined {
  const density = g / ml;
  if (density >= LIGHTEST && density <= HEAVIEST) return undefined;
  return `${trim(g, 1)} g in ${trim(ml, 1)} mL would be ${trim(density, 2)} g/mL; paint weighs ${LIGHTEST} to ${HEAVIEST}. Was the empty measure taken off, and is it full to the mark?`;
}

/** A paint after so many mL of it were weighed. Throws a RangeError where no paint weighs that: see `densityFault`. */
export function withWeighing(item: ShelfPaint, on: string, ml: number, g: number): ShelfPaint {
  const fault = densityFault(ml, g);
  if (fault !== undefined) throw new RangeError(fault);
  return tried(
    item,
    { densityGPerMl: Number((g / ml).toFixed(3)) },
    { kind: 'weighing', on, ml, g },
  );
}
