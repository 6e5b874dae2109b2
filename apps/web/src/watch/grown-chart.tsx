import { trim } from '@potter/core/quantity';
import { LineFigure } from '@/ui/line-figure';
import type { Watched } from './use-watch';

/** Points so many at the most, evenly among those there are: more cannot be told apart on a phone. */
const MOST = 13;
/** A line through fewer is none. */
const FEWEST = 3;
/** The scale ends at multiples of so much, %: its five parts are even figures then. */
const STEP = 10;
/** Labels under it so many at the most. */
const LABELS = 5;

/** How much wider cells were at each picture than at first, over the minutes. */
export function GrownChart({ grown }: Pick<Watched, 'grown'>) {
  if (grown.length < FEWEST) return null;
  const many = Math.min(MOST, grown.length);
  const points = Array.from(
    { length: many },
    (_, i) => grown[Math.round((i * (grown.length - 1)) / (many - 1))]!,
  );
  const percents = points.map((p) => 100 * p.grown);
  // Lines lie at even figures, and so little growth as none shall not look like much.
  const top = STEP * Math.ceil(Math.max(STEP, ...percents) / STEP);
  const bottom = STEP * Math.floor(Math.min(0, ...percents) / STEP);
  const every = Math.ceil(many / LABELS);
  const says = points
    .map(({ min, grown: by }) => `${trim(min, 0)} min ${trim(100 * by, 0)} %`)
    .join(', ');
  return (
    <LineFigure
      says={`Cells wider than at first: ${says}`}
      height={180}
      labels={points.map(({ min }, i) => (i % every === 0 ? `${trim(min, 0)} min` : ''))}
      data={percents}
      scale={[bottom, top]}
      segments={5}
      room={56}
      at={(value) => `${Math.round(Number(value))} %`}
    />
  );
}
