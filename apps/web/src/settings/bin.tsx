import { View } from 'react-native';
import { type Binned, useBin, usePutBack } from '@/data/bin';
import { KIND_WORDS } from '@/shelf/item-words';
import { Button } from '@/ui/button';
import { dayWords } from '@/ui/day-words';
import { localTime } from '@/ui/local-time';
import { LongList } from '@/ui/long-list';
import { Asking, Failed } from '@/ui/state';
import { Body, Heading, Small, Strong } from '@/ui/type';

const kindWords = (kind: Binned['kind']): string =>
  kind === 'plan' || kind === 'piece' ? kind : kind === 'run' ? 'pour' : KIND_WORDS[kind].one;

/** What was deleted lately, to be put back as it was. */
export function StudioBin() {
  const bin = useBin();
  const back = usePutBack();
  return (
    <View className="gap-3">
      <Heading>Deleted lately</Heading>
      <Body>
        Plans, pours and things off the shelf stay here for 30 days. What is put back is as it was.
      </Body>
      <Asking query={bin} waiting="Looking into the bin" failed="The bin cannot be read." />
      {back.error ? <Failed what="It was not put back." why={back.error.message} /> : null}
      {bin.data?.length === 0 ? <Small>Nothing was deleted in the last 30 days.</Small> : null}
      <LongList
        items={bin.data ?? []}
        row={(thing) => (
          <View
            role="listitem"
            key={`${thing.kind} ${thing.id}`}
            className="min-h-[64px] flex-row items-center gap-3 border-b border-rule py-2 wide:w-full"
          >
            <View className="min-w-0 flex-1">
              <Strong lines={2}>{thing.name}</Strong>
              <Small>
                {kindWords(thing.kind)}, deleted {dayWords(localTime(thing.goneAt))}
              </Small>
            </View>
            <Button
              label="Put back"
              name={`Put back ${thing.name}`}
              onPress={() => back.mutate(thing)}
            />
          </View>
        )}
      />
    </View>
  );
}
