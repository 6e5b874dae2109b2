import { View } from 'react-native';
import { useDropUnused, usePicturesHeld } from '@/data/pictures-held';
import { Button } from '@/ui/button';
import { Asking, Failed } from '@/ui/state';
import { Body, Heading } from '@/ui/type';
import { sizeWords } from './size-words';

const many = (count: number): string => (count === 1 ? '1 picture' : `${count} pictures`);

/** How much room pictures take, and a way to have some of it back. */
export function PicturesHeld() {
  const held = usePicturesHeld();
  const drop = useDropUnused();
  const unused = held.data?.unused;
  return (
    <View className="gap-3">
      <Heading>Pictures</Heading>
      <Asking query={held} waiting="Counting pictures" failed="The pictures cannot be counted." />
      {held.data ? (
        <Body>
          {held.data.count === 0
            ? `None yet; there is room for ${sizeWords(held.data.mostBytes)}.`
            : `${many(held.data.count)}, ${sizeWords(held.data.bytes)} of ${sizeWords(held.data.mostBytes)}.`}
        </Body>
      ) : null}
      {drop.error ? <Failed what="Nothing was let go." why={drop.error.message} /> : null}
      {unused && unused.count > 0 ? (
        <View className="items-start gap-2">
          <Body>
            No plan, pour or thing in the bin shows {many(unused.count)}, {sizeWords(unused.bytes)}.
            Let go, they are in the copies of the studio only.
          </Body>
          <Button
            label={`Let ${many(unused.count)} go`}
            disabled={drop.isPending}
            onPress={() => drop.mutate()}
          />
        </View>
      ) : null}
    </View>
  );
}
