import { View } from 'react-native';
import { usePaired } from '@/data/pairing';
import { Button } from '@/ui/button';
import { Body } from '@/ui/type';

/** The studio does not let this device in any more: what is done here is kept, and the way back is one press. */
export function PairedBand() {
  if (usePaired()) return null;
  return (
    <View role="alert" className="gap-2 border-l-[6px] border-l-ink bg-raised px-4 py-3">
      <Body>
        The studio does not let this device in any more. What you do is kept on this device, and
        sent once it is paired again.
      </Body>
      <View className="flex-row">
        <Button label="Pair it again" onPress={() => location.assign('/pair')} />
      </View>
    </View>
  );
}
