import { View } from 'react-native';

/** How far something is: the label says what. */
export function ProgressBar({
  label,
  percent,
}: {
  readonly label: string;
  readonly percent: number;
}) {
  return (
    <View
      role="progressbar"
      aria-label={label}
      aria-valuenow={percent}
      aria-valuemin={0}
      aria-valuemax={100}
      className="h-[8px] flex-1 border border-ink"
    >
      <View className="h-full bg-ink" style={{ width: `${percent}%` }} />
    </View>
  );
}
