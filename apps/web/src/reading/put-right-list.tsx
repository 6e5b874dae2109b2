import { View } from 'react-native';
import { Act } from '@/ui/button';
import { Body } from '@/ui/type';

/** What was put right on a picture, each to be taken back. */
export function PutRightList({
  label,
  lines,
  onTakeBack,
}: {
  readonly label: string;
  readonly lines: readonly { readonly says: string; readonly at: readonly [number, number] }[];
  readonly onTakeBack: (nth: number) => void;
}) {
  if (lines.length === 0) return null;
  return (
    <View role="list" aria-label={label}>
      {lines.map(({ says, at: [x, y] }, i) => (
        <View
          role="listitem"
          key={i}
          className="min-h-[44px] flex-row items-center gap-3 border-b border-rule"
        >
          <Body className="flex-1">
            {says}, {Math.round(100 * x)} % across, {Math.round(100 * y)} % down
          </Body>
          <Act label="Take back" name={`Take back: ${says}`} onPress={() => onTakeBack(i)} />
        </View>
      ))}
    </View>
  );
}
