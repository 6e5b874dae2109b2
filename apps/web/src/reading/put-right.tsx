import type { Photograph as Taken } from '@potter/core/piece';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/button';
import { Pick } from '@/ui/pick';
import { Small } from '@/ui/type';
import type { Named } from './colour-words';
import { PutRightList } from './put-right-list';

type Told = NonNullable<Taken['told']>[number];

/** Says what colour a place is that was taken for another; and lists what was said. */
export function PutRight({
  at,
  taken: { told = [] },
  colours,
  onTell,
  onTakeBack,
  onLeave,
}: {
  readonly at: readonly [number, number] | undefined;
  readonly taken: Taken;
  readonly colours: readonly Named[];
  readonly onTell: (told: Told) => void;
  readonly onTakeBack: (nth: number) => void;
  readonly onLeave: () => void;
}) {
  const [id, setId] = useState(colours[0]!.id);
  const nameOf = (of: string) => colours.find((colour) => colour.id === of)?.name ?? of;
  return (
    <View className="gap-2">
      {at ? (
        <View className="flex-row flex-wrap items-end gap-2">
          <View className="min-w-[180px] flex-1">
            <Pick
              label="What is there is"
              value={id}
              options={colours.map(({ id: value, name }) => ({ value, label: name }))}
              onChange={setId}
            />
          </View>
          <Button primary label="Read anew" onPress={() => onTell({ at: [at[0], at[1]], id })} />
          <Button label="Leave it" onPress={onLeave} />
        </View>
      ) : (
        <Small>Taken for the wrong colour? Tap it on the map and say what it is.</Small>
      )}
      <PutRightList
        label="Put right"
        lines={told.map(({ id: of, at: where }) => ({ says: nameOf(of), at: where }))}
        onTakeBack={onTakeBack}
      />
    </View>
  );
}
