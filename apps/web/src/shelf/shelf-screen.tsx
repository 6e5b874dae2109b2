import { type ShelfItem, type ShelfKind, runsLow, shelfId } from '@potter/core/stock';
import { Link, useLocalSearchParams, useRouter } from 'expo-router';
import { memo, useState } from 'react';
import { Text, View } from 'react-native';
import { putOnShelf, useShelf, useShelfApart } from '@/data/shelf';
import { Act, Button } from '@/ui/button';
import { Chip } from '@/ui/chip';
import { Screen } from '@/ui/screen';
import { LongList } from '@/ui/long-list';
import { SearchField } from '@/ui/search-field';
import { SetApart } from '@/ui/set-apart';
import { Asking, Empty } from '@/ui/state';
import { Body, Small, Strong } from '@/ui/type';
import { UndoBar } from '@/ui/undo-bar';
import { ShelfTable } from './shelf-table';
import { found, itemWords, KIND_WORDS } from './item-words';
import { Left } from './left';
import { paintChip } from '@/paints/paint-chip';
import { ReadyMediums } from './ready-mediums';
import { takenOff, useTakenOff } from './taken-off';
import { Checkable } from '@/ui/checkable';

const KINDS = Object.keys(KIND_WORDS) as ShelfKind[];

export function ShelfScreen() {
  const router = useRouter();
  const params = useLocalSearchParams<{ kind?: string }>();
  const kind = KINDS.find((k) => k === params.kind) ?? 'paint';
  const shelf = useShelf();
  const apart = useShelfApart();
  const gone = useTakenOff();
  const [search, setSearch] = useState('');
  const words = KIND_WORDS[kind];
  const items = (shelf.data ?? []).filter((item) => item.kind === kind);
  const shown = items.filter((item) => found(item, search));
  const make = () => router.push(`/shelf/${kind}/new`);
  return (
    <Screen title="Shelf" acts={<Button primary label={`New ${words.one}`} onPress={make} />}>
      {gone ? (
        <UndoBar
          says={`${itemWords(gone).name} is off the shelf.`}
          onUndo={() => {
            putOnShelf(gone);
            takenOff.set(undefined);
          }}
        />
      ) : null}
      <View role="tablist" aria-label="Kinds" className="mb-3 flex-row flex-wrap gap-2">
        {KINDS.map((k) => (
          <Checkable
            key={k}
            role="tab"
            checked={k === kind}
            label={KIND_WORDS[k].many}
            onPress={() => router.setParams({ kind: k })}
            className={`min-h-[44px] justify-center border px-3 ${k === kind ? 'border-ink bg-ink' : 'border-outline'}`}
          >
            <Text className={`font-bold text-16 ${k === kind ? 'text-surround' : 'text-ink'}`}>
              {KIND_WORDS[k].many}
            </Text>
          </Checkable>
        ))}
      </View>
      <Asking query={shelf} waiting="Looking at the shelf" failed="The shelf cannot be read." />
      <SetApart what="thing on the shelf" many="things on the shelf" apart={apart} />
      {shelf.data && items.length === 0 ? (
        kind === 'paint' ? (
          <Empty
            says={words.empty}
            act="Tick the paints I own"
            onAct={() => router.push('/shelf/starter')}
          />
        ) : (
          <Empty says={words.empty} act={`Put a ${words.one} on`} onAct={make} />
        )
      ) : null}
      {items.length > 0 ? <SearchField shown={search} onChange={setSearch} /> : null}
      <LongList
        key={kind}
        items={shown}
        row={(item) => <ShelfRow key={shelfId(item)} item={item} />}
      />
      {kind === 'medium' && search === '' ? (
        <ReadyMediums onShelf={new Set(items.map(shelfId))} />
      ) : null}
      {kind === 'paint' && items.length > 0 ? (
        <Act label="Tick more off the usual paints" onPress={() => router.push('/shelf/starter')} />
      ) : null}
      <ShelfTable />
      {items.length > 0 && shown.length === 0 ? (
        <Body>Nothing on the shelf goes by “{search}”.</Body>
      ) : null}
    </Screen>
  );
}

const ShelfRow = memo(function ShelfRow({ item }: { readonly item: ShelfItem }) {
  const { name, says } = itemWords(item);
  const chip = item.kind === 'paint' ? paintChip(item.paint) : undefined;
  return (
    <View role="listitem" className="border-b border-rule wide:w-[calc(50%-16px)]">
      <Link
        href={`/shelf/${item.kind}/${shelfId(item)}`}
        aria-label={name}
        className="flex min-h-[64px] flex-row items-center gap-3 py-2 no-underline active:bg-pressed"
      >
        {chip ? <Chip size={44} overWhite={chip.overWhite} overBlack={chip.overBlack} /> : null}
        {item.kind === 'jar' ? <Chip size={44} overWhite={item.hex} overBlack={item.hex} /> : null}
        <View className="min-w-0 flex-1">
          <Strong lines={2}>{name}</Strong>
          <Small lines={1}>{says}</Small>
        </View>
        <View className="items-end">
          <Left item={item} />
          {runsLow(item) ? <Small className="font-bold !text-ink">running low</Small> : null}
        </View>
      </Link>
    </View>
  );
});
