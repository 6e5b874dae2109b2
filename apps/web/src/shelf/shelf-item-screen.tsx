import { SHELF_KINDS, type ShelfItem, type ShelfKind, shelfId } from '@potter/core/stock';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { useShelf } from '@/data/shelf';
import { newId } from '@/data/new-id';
import { dayOf } from '@/data/studio';
import { Screen } from '@/ui/screen';
import { NotHere } from '@/ui/state';
import { BlankForm } from './blank-form';
import { FinishForm } from './finish-form';
import { JarForm } from './jar-form';
import { MaterialForm } from './material-form';
import { MediumForm } from './medium-form';
import { PaintForm } from './paint-form';
import { VesselForm } from './vessel-form';

/** What a new thing of each kind starts from. */
const fresh = (kind: ShelfKind, id: string): ShelfItem => {
  switch (kind) {
    case 'paint':
      return {
        kind,
        paint: {
          id,
          name: 'New paint',
          hex: '#2f6fa8',
          opacity: 'semi-opaque',
          body: 'soft',
          finish: 'satin',
        },
      };
    case 'material':
      return {
        kind,
        material: {
          id,
          name: 'New material',
          role: 'medium',
          densityGPerMl: 1.03,
          viscosityPaS: 0.6,
        },
      };
    case 'medium':
      return {
        kind,
        medium: {
          id,
          name: 'New medium',
          basis: 'volume',
          of: [
            { material: 'pva', parts: 2 },
            { material: 'water', parts: 1 },
          ],
        },
      };
    case 'vessel':
      return {
        kind,
        id,
        vessel: { name: 'New cup', topMm: 80, bottomMm: 60, heightMm: 90 },
        count: 1,
      };
    case 'surface':
      return {
        kind,
        id,
        name: 'New blank',
        shape: { kind: 'rect', widthMm: 400, heightMm: 500 },
        edgeDepthMm: 18,
        support: 'canvas',
        count: 1,
      };
    case 'finish':
      return { kind, id, name: 'New top coat', product: 'varnish', sizeMl: 250, stockMl: 250 };
    case 'jar':
      return {
        kind,
        id,
        name: 'New jar',
        hex: '#8a7f74',
        g: 100,
        madeOn: dayOf(new Date()),
        silicone: false,
        from: 'left-over',
      };
  }
};

/** One thing on the shelf by the kind and id in its address; "new" makes one. */
export function ShelfItemScreen() {
  const params = useLocalSearchParams<{ kind: string; id: string }>();
  const kind = SHELF_KINDS.find((k) => k === params.kind);
  const router = useRouter();
  const shelf = useShelf();
  const [made] = useState(() => fresh(kind ?? 'paint', `own-${newId().slice(0, 12)}`));
  const isNew = params.id === 'new';
  const item = isNew ? made : shelf.data?.find((i) => i.kind === kind && shelfId(i) === params.id);
  if (kind && item) return <Form key={params.id} item={item} isNew={isNew} />;
  return (
    <Screen title="Shelf">
      <NotHere
        query={shelf}
        waiting="Looking at the shelf"
        failed="The shelf cannot be read."
        says="This is not on the shelf any more."
        act="To the shelf"
        onAct={() => router.replace('/shelf')}
      />
    </Screen>
  );
}

function Form({ item, isNew }: { readonly item: ShelfItem; readonly isNew: boolean }) {
  switch (item.kind) {
    case 'paint':
      return <PaintForm item={item} isNew={isNew} />;
    case 'material':
      return <MaterialForm item={item} isNew={isNew} />;
    case 'medium':
      return <MediumForm item={item} isNew={isNew} />;
    case 'vessel':
      return <VesselForm item={item} isNew={isNew} />;
    case 'surface':
      return <BlankForm item={item} isNew={isNew} />;
    case 'finish':
      return <FinishForm item={item} isNew={isNew} />;
    case 'jar':
      return <JarForm item={item} isNew={isNew} />;
  }
}
