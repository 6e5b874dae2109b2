import type { Outcome } from '@potter/core/flow';
import { percent, trim } from '@potter/core/quantity';
import { growthAhead, type Watched } from '@potter/core/reading';
import { View } from 'react-native';
import { Body, Small, Strong } from '@/ui/type';

/** How cells will go on if the piece is left alone, by what was measured, beside what the preview says. */
export function LeftAlone({
  watches,
  cells,
}: {
  readonly watches: readonly Watched[];
  /** Those of the preview, once it is there. */
  readonly cells: Outcome['cells'] | undefined;
}) {
  const model = (min: number): string => {
    const wider = cells?.left.find((one) => one.min === min)?.wider;
    return wider === undefined ? '–' : percent(wider);
  };
  const ahead = growthAhead(watches);
  if (ahead.length === 0) return <Small>How it goes on is told after a minute or two.</Small>;
  return (
    <View className="gap-2">
      <View role="list" aria-label="If it is left alone">
        {ahead.map(({ min, grown, least, most }) => (
          <View
            key={min}
            role="listitem"
            className="min-h-[44px] flex-row flex-wrap items-baseline gap-x-3 border-b border-rule py-2"
          >
            <Body className="w-[80px]">{min} min on</Body>
            <View className="flex-1 gap-1">
              <Strong>{percent(grown)} wider</Strong>
              <Small>
                between {trim(100 * least, 0)} and {percent(most)}
              </Small>
            </View>
            <Small>preview {model(min)}</Small>
          </View>
        ))}
      </View>
      <Small>
        By the pace of the last pictures; the preview’s beside it is from the end of the pour. When
        to stop or to torch is yours.
      </Small>
    </View>
  );
}
