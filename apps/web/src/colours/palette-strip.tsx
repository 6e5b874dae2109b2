import { View } from 'react-native';
import { useTokens } from '@/ui/tokens';

interface Part {
  readonly share: number;
  readonly overWhite: string;
  readonly overBlack: string;
  readonly name: string;
}

/** The palette as wide as each colour's share; the upper half lies over white, the lower over black. */
export function PaletteStrip({ parts }: { readonly parts: readonly Part[] }) {
  const { ink } = useTokens();
  const says = parts.map((p) => `${p.name} ${Math.round(p.share * 100)} %`).join(', ');
  return (
    <View
      role="img"
      aria-label={`Palette: ${says}`}
      className="h-[88px] flex-row"
      style={{ borderWidth: 1, borderColor: ink }}
    >
      {parts.map((part) => (
        <View key={part.name} style={{ flexGrow: part.share, flexBasis: 0 }}>
          <View className="flex-1" style={{ backgroundColor: part.overWhite }} />
          <View className="flex-1" style={{ backgroundColor: part.overBlack }} />
        </View>
      ))}
    </View>
  );
}
