import type { CellsTold } from '@potter/core/flow';
import { percent, trim } from '@potter/core/quantity';
import { View } from 'react-native';
import { Figure, Heading, Small, Strong } from '@/ui/type';

/** The cells of a pour: how many, how wide, why, and how they would go on. */
export function Cells({ cells }: { readonly cells: CellsTold }) {
  const { count, medianMm, spread, share, causes, left, doneMin } = cells;
  const goesOn = left.some((then) => then.count > 0);
  if (count === 0 && !goesOn)
    return (
      <View className="gap-1" role="group" aria-label="Cells">
        <Heading>Cells</Heading>
        <Small>
          None: no paint is heavy enough over another, thin enough, or given oil or activator.
        </Small>
      </View>
    );
  return (
    <View className="gap-2" role="group" aria-label="Cells">
      <Heading>Cells</Heading>
      <View className="flex-row flex-wrap gap-x-5 gap-y-1">
        <Figure figure={String(rounded(count))} unit={count === 1 ? 'cell' : 'cells'} />
        <Figure figure={trim(medianMm, 1)} unit="mm across" />
        <Figure figure={percent(share)} unit="of the face" />
      </View>
      {count > 0 ? (
        <Small>
          Opened by {causes.map(({ says }) => says).join(', ')}. Half of them are between{' '}
          {trim(medianMm * (1 - QUARTER * spread), 1)} and{' '}
          {trim(medianMm * (1 + QUARTER * spread), 1)} mm.
        </Small>
      ) : null}
      <View role="table" aria-label="Left to rest">
        <View role="row" className="flex-row items-baseline border-b border-b-rule py-1">
          <Small className="flex-1">Left to rest for</Small>
          <Small className="w-[72px] text-right">cells</Small>
          <Small className="w-[72px] text-right">mm across</Small>
          <Small className="w-[72px] text-right">of the face</Small>
        </View>
        {left.map((then) => (
          <View
            role="row"
            key={then.min}
            className="flex-row items-baseline border-b border-b-rule py-2"
          >
            <Strong className="flex-1">{then.min} min</Strong>
            <Figure className="w-[72px] justify-end" figure={String(rounded(then.count))} />
            <Figure className="w-[72px] justify-end" figure={trim(then.medianMm, 1)} />
            <Figure className="w-[72px] justify-end" figure={percent(then.share)} />
          </View>
        ))}
      </View>
      <Small>
        {doneMin === undefined || doneMin <= AT_ONCE_MIN
          ? 'Hardly any more open while it rests.'
          : `Most of them are open after ${doneMin} min: to keep them smaller, stop before that.`}{' '}
        Bubbles of freshly stirred paint are no cells, and are not counted.
      </Small>
    </View>
  );
}

/** Sooner than this nobody waits for it. */
const AT_ONCE_MIN = 2;

/** A quarter of what is spread about as chance spreads it lies this far out, in standard deviations. */
const QUARTER = 0.67;

/** Two figures of a large count: the last ones are chance. */
const rounded = (count: number): number => {
  const step = 10 ** Math.max(0, Math.floor(Math.log10(Math.max(1, count))) - 1);
  return Math.round(count / step) * step;
};
