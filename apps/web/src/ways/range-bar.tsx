import type { Range } from '@potter/core/plan';
import { View } from 'react-native';
import { Figure, Small, Strong } from '@/ui/type';

interface Props {
  readonly label: string;
  readonly range: Range;
  /** What the bar's right end stands for. */
  readonly upTo: number;
  readonly unit: string;
  /** As a figure without its unit. */
  readonly show: (value: number) => string;
}

/** A figure with how far it may be off: its middle large, and a thin bar from its least to its most. */
export function RangeBar({ label, range, upTo, unit, show }: Props) {
  const { least, middle, most } = range;
  const at = (value: number) => `${(100 * Math.min(value, upTo)) / Math.max(upTo, 1e-9)}%` as const;
  const said = `${label}: ${show(middle)} ${unit}, between ${show(least)} and ${show(most)}`;
  return (
    <View role="listitem" aria-label={said} className="gap-1 border-b border-b-rule py-2">
      <View className="flex-row items-baseline justify-between gap-3">
        <Strong className="flex-1">{label}</Strong>
        <Figure figure={show(middle)} unit={unit} />
        <Small className="w-[104px] text-right">
          {show(least)} to {show(most)}
        </Small>
      </View>
      <View className="h-[8px] justify-center">
        <View className="h-px bg-rule" />
        <View
          className="absolute h-[4px] bg-ink"
          style={{ left: at(least), right: `${100 - parseFloat(at(most))}%`, minWidth: 2 }}
        />
        <View className="absolute h-[8px] w-[2px] bg-ink" style={{ left: at(middle) }} />
      </View>
    </View>
  );
}
