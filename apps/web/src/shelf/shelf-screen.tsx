import type { ShelfPaint } from '@potter/contract';
import { trim } from '@potter/core/quantity';
import { Link, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { usePutPaint, useShelf } from '@/data/paints';
import { Button } from '@/ui/button';
import { Chip } from '@/ui/chip';
import { Screen } from '@/ui/screen';
import { Empty, Failed, Waiting } from '@/ui/state';
import { TextField } from '@/ui/text-field';
import { Body, Figure, Small, Strong } from '@/ui/type';
import { paintChip } from './paint-chip';
import { takenOff, useTakenOff } from './taken-off';

export function ShelfScreen() {
  const router = useRouter();
  const shelf = useShelf();
  const put = usePutPaint();
  const gone = useTakenOff();
  const [search, setSearch] = useState('');
  const found = (shelf.data ?? []).filter((entry) => matches(entry, search));
  return (
    <Screen
      title="Shelf"
      acts={<Button primary label="New paint" onPress={() => router.push('/shelf/new')} />}
    >
      {gone ? (
        <View role="status" className="mb-3 flex-row items-center gap-3 bg-raised p-3">
          <Body className="flex-1">{gone.paint.name} is off the shelf.</Body>
          <Button
            label="Put it back"
            onPress={() => put.mutate(gone, { onSuccess: () => takenOff.set(undefined) })}
          />
        </View>
      ) : null}
      {shelf.isError ? (
        <Failed
          what="The shelf cannot be read."
          why={shelf.error.message}
          onRetry={() => void shelf.refetch()}
        />
      ) : null}
      {shelf.isPending ? <Waiting what="Looking at the shelf" /> : null}
      {shelf.data?.length === 0 ? (
        <Empty
          says="Your paints stand here: how each covers, how thick it is, what is left of it. Plans take their colours from this shelf."
          act="Put the first paint on"
          onAct={() => router.push('/shelf/new')}
        />
      ) : (
        <TextField
          label="Search"
          shown={search}
          read={(text) => ({ ok: true, value: text })}
          onChange={setSearch}
          className="mb-3 wide:max-w-[470px]"
        />
      )}
      <View role="list" className="wide:flex-row wide:flex-wrap wide:gap-x-8">
        {found.map((entry) => (
          <ShelfRow key={entry.paint.id} entry={entry} />
        ))}
      </View>
      {shelf.data && shelf.data.length > 0 && found.length === 0 ? (
        <Body>Nothing on the shelf goes by “{search}”.</Body>
      ) : null}
    </Screen>
  );
}

function ShelfRow({ entry }: { readonly entry: ShelfPaint }) {
  const { paint, maker, stockMl } = entry;
  const { overWhite, overBlack, opacity } = paintChip(paint);
  return (
    <View role="listitem" className="border-b border-rule wide:w-[calc(50%-16px)]">
      <Link
        href={`/shelf/${paint.id}`}
        aria-label={paint.name}
        className="flex min-h-[64px] flex-row items-center gap-3 py-2 no-underline active:bg-pressed"
      >
        <Chip size={44} overWhite={overWhite} overBlack={overBlack} />
        <View className="min-w-0 flex-1">
          <Strong lines={2}>{paint.name}</Strong>
          <Small lines={1}>
            {[opacity.class, paint.body, paint.finish, maker].filter(Boolean).join(', ')}
          </Small>
        </View>
        {stockMl === undefined ? null : <Figure figure={trim(stockMl, 0)} unit="mL" />}
      </Link>
    </View>
  );
}

function matches({ paint, maker }: ShelfPaint, search: string): boolean {
  const words = [paint.name, maker ?? '', paint.body, paint.finish, ...(paint.pigments ?? [])]
    .join(' ')
    .toLowerCase();
  return search
    .toLowerCase()
    .split(/\s+/)
    .every((word) => words.includes(word));
}
