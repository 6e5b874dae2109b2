import { View } from 'react-native';
import { ProgressBar } from '@/ui/progress-bar';
import { Body } from '@/ui/type';

/** The practice piece is being poured: how far it is. */
export function Pouring({ share }: { readonly share: number }) {
  return (
    <View className="gap-2">
      <Body>Pouring the practice piece.</Body>
      <View className="flex-row">
        <ProgressBar label="Pouring the practice piece" percent={Math.round(100 * share)} />
      </View>
    </View>
  );
}
