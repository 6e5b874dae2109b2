import type { Neighbours } from '@potter/core/optics';
import Check from 'lucide-react-native/icons/check';
import CircleDashed from 'lucide-react-native/icons/circle-dashed';
import Equal from 'lucide-react-native/icons/equal';
import Minus from 'lucide-react-native/icons/minus';
import X from 'lucide-react-native/icons/x';
import { View } from 'react-native';
import { useTokens } from './tokens';
import { Small } from './type';

type Verdict = Neighbours['verdict'];

const GLYPHS: Readonly<Record<Verdict, typeof Check>> = {
  clean: Check,
  low: Minus,
  dulls: CircleDashed,
  merge: Equal,
  mud: X,
};

/** How a pair of colours gets on, as a shape: never by a colour. */
export function VerdictGlyph({
  verdict,
  size = 16,
}: {
  readonly verdict: Verdict;
  readonly size?: number;
}) {
  const { ink } = useTokens();
  const Glyph = GLYPHS[verdict];
  return <Glyph size={size} color={ink} />;
}

/** The same with its words. */
export function VerdictLine({
  verdict,
  says,
}: {
  readonly verdict: Verdict;
  readonly says: string;
}) {
  return (
    <View className="flex-row items-start gap-1">
      <View className="pt-[2px]">
        <VerdictGlyph verdict={verdict} />
      </View>
      <Small lines={2} className="min-w-0 flex-1">
        {says}
      </Small>
    </View>
  );
}

/** Colours side by side in one frame, such as a pair with their blend between. */
export function Bands({
  hexes,
  width,
  height,
}: {
  readonly hexes: readonly string[];
  readonly width: number;
  readonly height: number;
}) {
  const { ink } = useTokens();
  return (
    <View className="flex-row" style={{ width, height, borderWidth: 1, borderColor: ink }}>
      {hexes.map((hex, i) => (
        <View key={i} className="flex-1" style={{ backgroundColor: hex }} />
      ))}
    </View>
  );
}
