import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { usePaints, useShelf } from '@/data/shelf';
import { Screen } from '@/ui/screen';
import { Asking, Empty } from '@/ui/state';
import { Heading } from '@/ui/type';
import { MixFinder } from './mix-finder';
import { Thinning } from './thinning';

/** What is tried before a pour: how far a paint can be thinned, which paints make a colour. */
export function TrialsScreen() {
  const router = useRouter();
  const shelf = useShelf();
  const paints = usePaints();
  return (
    <Screen title="Trials">
      <Asking query={shelf} waiting="Looking at the shelf" failed="The shelf cannot be read." />
      {shelf.data && paints.length === 0 ? (
        <Empty
          says="Trials show what becomes of a paint as it is thinned, and which paints make a colour. Put a paint on the shelf to try."
          act="Put a paint on the shelf"
          onAct={() => router.push('/shelf/paint/new')}
        />
      ) : null}
      {paints.length > 0 ? (
        <View className="gap-8 wide:flex-row wide:items-start wide:gap-10">
          <View className="gap-3 wide:flex-1">
            <Heading>How far can it be thinned?</Heading>
            <Thinning />
          </View>
          <View className="gap-3 wide:flex-1">
            <Heading>What makes this colour?</Heading>
            <MixFinder />
          </View>
        </View>
      ) : null}
    </Screen>
  );
}
