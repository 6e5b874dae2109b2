import { View } from 'react-native';
import { Act } from '@/ui/button';
import { Body } from '@/ui/type';
import type { Several } from './several';

/** How many of several pours are computed, and the way to stop that. Nothing once all are there. */
export function Coming({ several, of }: { readonly several: Several; readonly of: number }) {
  const { left, stopped, stop, goOn } = several;
  if (left === 0) return null;
  return (
    <View className="min-h-[44px] flex-row items-center gap-3" aria-live="polite">
      <Body>
        {of - left} of {of} computed
      </Body>
      {stopped ? <Act label="Go on" onPress={goOn} /> : <Act label="Stop" onPress={stop} />}
    </View>
  );
}
