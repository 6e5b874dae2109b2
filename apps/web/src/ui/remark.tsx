import type { Remark as RemarkData, Severity } from '@potter/core/remark';
import { Text, View } from 'react-native';
import { Act } from './button';

/** Grave or not, told by the bar and by a word, never by a colour. */
const BAR: Readonly<Record<Severity, { word: string; bars: readonly number[] }>> = {
  spoils: { word: 'Will spoil it', bars: [6] },
  may: { word: 'May spoil it', bars: [2, 2] },
  note: { word: 'Note', bars: [1] },
};

interface Props {
  readonly remark: RemarkData;
  readonly onFix?: () => void;
  readonly onMeant?: () => void;
}

export function Remark({ remark, onFix, onMeant }: Props) {
  const { word, bars } = BAR[remark.severity];
  return (
    <View className="flex-row bg-raised" role="group" aria-label={`${word}: ${remark.message}`}>
      <View className="flex-row gap-[3px]" style={{ width: 8 }}>
        {bars.map((width, i) => (
          <View key={i} className="bg-ink" style={{ width }} />
        ))}
      </View>
      <View className="flex-1 px-3 py-2">
        <Text className="font-body text-16 text-ink">
          <Text className="font-bold">{remark.message}</Text> {remark.advice}
        </Text>
        <View className="flex-row flex-wrap gap-x-5">
          {remark.fix && onFix ? <Act label={remark.fix.label} onPress={onFix} /> : null}
          {remark.meant && onMeant ? <Act label={remark.meant.label} onPress={onMeant} /> : null}
        </View>
      </View>
    </View>
  );
}
