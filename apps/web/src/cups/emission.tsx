import type { LoadedCup } from '@potter/core/cup';
import { View } from 'react-native';
import { useTokens } from '@/ui/tokens';
import { Small, Strong } from '@/ui/type';

interface Props {
  readonly cup: LoadedCup;
  readonly nameOf: (mix: string) => string;
  readonly hexOf: (mix: string) => string;
}

/** What leaves the cup when, as a strip with words at both ends. */
export function Emission({ cup, nameOf, hexOf }: Props) {
  const { ink } = useTokens();
  if (cup.emission.length === 0) return null;
  return (
    <View className="gap-2 border-t-2 border-t-ink pt-2">
      <Strong>What leaves the cup, first to last</Strong>
      <View
        role="img"
        aria-label={`Leaves in this order: ${cup.emission.map((e) => nameOf(e.mix)).join(', ')}`}
        className="h-[44px] flex-row"
        style={{ borderWidth: 1, borderColor: ink }}
      >
        {cup.emission.map((e) => (
          <View
            key={e.layer}
            style={{ flexGrow: e.share, flexBasis: 0, backgroundColor: hexOf(e.mix) }}
          />
        ))}
      </View>
      <View className="flex-row justify-between gap-4">
        <Small className="flex-1">touches the surface first, runs outward</Small>
        <Small className="flex-1 text-right">comes last, ends on top in the middle</Small>
      </View>
    </View>
  );
}
