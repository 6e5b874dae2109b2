import type { ShelfPaint } from '@potter/contract';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { useShelf } from '@/data/paints';
import { Screen } from '@/ui/screen';
import { Empty, Failed, Waiting } from '@/ui/state';
import { PaintForm } from './paint-form';

/** A paint of the shelf by the id in its address. */
export function PaintScreen() {
  const { paint: id } = useLocalSearchParams<{ paint: string }>();
  const router = useRouter();
  const shelf = useShelf();
  const entry = shelf.data?.find((e) => e.paint.id === id);
  if (entry) return <PaintForm key={id} entry={entry} isNew={false} />;
  return (
    <Screen title="Paint">
      {shelf.isError ? (
        <Failed
          what="The shelf cannot be read."
          why={shelf.error.message}
          onRetry={() => void shelf.refetch()}
        />
      ) : null}
      {shelf.isPending ? <Waiting what="Looking at the shelf" /> : null}
      {shelf.data ? (
        <Empty
          says="This paint is not on the shelf any more."
          act="To the shelf"
          onAct={() => router.replace('/shelf')}
        />
      ) : null}
    </Screen>
  );
}

/** A paint to be put on the shelf; nothing is kept until it is saved. */
export function NewPaintScreen() {
  const [entry] = useState<ShelfPaint>(() => ({
    paint: {
      id: `paint-${Date.now().toString(36)}`,
      name: 'New paint',
      hex: '#2f6fa8',
      opacity: 'semi-opaque',
      body: 'soft',
      finish: 'satin',
    },
  }));
  return <PaintForm entry={entry} isNew />;
}
