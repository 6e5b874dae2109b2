import { View } from 'react-native';
import { Body } from '@/ui/type';

/** The practice piece is being poured: how far it is. */
export function Pouring({ share }: { readonly share: number }) {
  const percent = Math.round(100 * share);
  return (
    <View className="gap-2">
      <Body>Pouring the practice piece.</Body>
      <View
        role="progressbar"
        aria-label="Pouring the practice piece"
        aria-valuenow={percent}
        aria-valuemin={0}
        aria-valuemax={100}
        className="h-[8px] border border-ink"
      >
        <View className="h-full bg-ink" style={{ width: `${percent}%` }} />
      </View>
    </View>
  );
}
