import type { Remark as RemarkData, Severity } from '@potter/core/remark';
import { Text, View } from 'react-native';
import { Act } from './button';

/** Grave or not, told by the bar and by a word, never by a colour. */
const BAR: Readonly<Record<Severity, { word: string; bars: readonly number[] }>> = {
  spoils: { word: 'Will spoil it', bars: [6] },
  may: { word: 'May spoil it', bars: [2, 2] },
  note: { word: 'Note', bars: [1] },
};

const Bars = ({ severity }: { readonly severity: Severity }) => (
  <View className="flex-row gap-[3px]" style={{ width: 8 }}>
    {BAR[severity].bars.map((width, i) => (
      <View key={i} className="bg-ink" style={{ width }} />
    ))}
  </View>
);

/** Several of one kind as one: what each says, and one act for all. */
export function RemarkGroup({
  remarks,
  onAll,
  onApart,
}: {
  readonly remarks: readonly RemarkData[];
  readonly onAll: () => void;
  readonly onApart: () => void;
}) {
  const [first] = remarks;
  if (!first) return null;
  return (
    <View
      className="flex-row bg-raised"
      role="group"
      aria-label={`${BAR[first.severity].word}, ${remarks.length} alike`}
    >
      <Bars severity={first.severity} />
      <View className="flex-1 px-3 py-2">
        {remarks.map(({ message }) => (
          <Text key={message} className="font-bold text-16 text-ink">
            {message}
          </Text>
        ))}
        <View className="flex-row flex-wrap gap-x-5">
          <Act label={`Mend all ${remarks.length}`} onPress={onAll} />
          <Act label="One by one" onPress={onApart} />
        </View>
      </View>
    </View>
  );
}

interface Props {
  readonly remark: Pick<RemarkData, 'severity' | 'message' | 'advice'> & {
    readonly fix?: Pick<NonNullable<RemarkData['fix']>, 'label'>;
    readonly meant?: Pick<NonNullable<RemarkData['meant']>, 'label'>;
  };
  readonly onFix?: () => void;
  /** Goes where it can be mended by hand. */
  readonly onShow?: () => void;
  readonly onMeant?: () => void;
}

export function Remark({ remark, onFix, onShow, onMeant }: Props) {
  const { word } = BAR[remark.severity];
  return (
    <View className="flex-row bg-raised" role="group" aria-label={`${word}: ${remark.message}`}>
      <Bars severity={remark.severity} />
      <View className="flex-1 px-3 py-2">
        <Text className="font-body text-16 text-ink">
          <Text className="font-bold">{remark.message}</Text> {remark.advice}
        </Text>
        <View className="flex-row flex-wrap gap-x-5">
          {remark.fix && onFix ? <Act label={remark.fix.label} onPress={onFix} /> : null}
          {onShow ? (
            <Act label="Show me where" name={`Show me where: ${remark.message}`} onPress={onShow} />
          ) : null}
          {remark.meant && onMeant ? <Act label={remark.meant.label} onPress={onMeant} /> : null}
        </View>
      </View>
    </View>
  );
}
