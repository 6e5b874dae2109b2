import {
  type Material,
  type Medium,
  openBook,
  SCOOP_ML,
  scoopG,
  STOCK_MEDIUMS,
} from '@potter/core/material';
import { type Weighing, weighedG } from '@potter/core/mix';
import type { ToWeigh } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { batchMade, type MediumBatch, mediumBatch, type ShelfItem } from '@potter/core/stock';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { device } from '@/data/device';
import { putTable, useShelf, takeTableOff } from '@/data/shelf';
import { useSettings } from '@/data/settings';
import { nameIn } from '@/data/name-in';
import { WeighTable } from '@/mixes/weigh-table';
import { Button } from '@/ui/button';
import { localNow } from '@/ui/local-time';
import { money } from '@/ui/money';
import { QuantityField } from '@/ui/quantity-field';
import { Screen } from '@/ui/screen';
import { NotHere } from '@/ui/state';
import { Body, Small } from '@/ui/type';
import { UndoBar } from '@/ui/undo-bar';
import type { Batches } from '@/weigh/batches';
import { WeighAlong } from '@/weigh/weigh-along';

const START_ML = 500;
/** A batch is large: a scale of whole grams is fine enough. */
const STEP_G = 1;

/** A medium made for the shelf: so many mL, what goes in, what it costs; weighed up, it stands ready for every plan. */
export function MakeScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const router = useRouter();
  const shelf = useShelf();
  const items = shelf.data ?? [];
  const mediums = [
    ...items.flatMap((i) => (i.kind === 'medium' ? [i.medium] : [])),
    ...STOCK_MEDIUMS,
  ].filter((m, i, all) => all.findIndex((other) => other.id === m.id) === i);
  const medium = mediums.find((m) => m.id === id);
  if (!shelf.data || !medium)
    return (
      <Screen title="Make a medium">
        <NotHere
          query={shelf}
          waiting="Looking at the shelf"
          failed="The shelf cannot be read."
          says="There is no such medium any more."
          act="To the mediums"
          onAct={() => router.replace('/shelf?kind=medium')}
        />
      </Screen>
    );
  return <Make key={id} medium={medium} mediums={mediums} shelf={items} />;
}

function Make({
  medium,
  mediums,
  shelf,
}: {
  readonly medium: Medium;
  readonly mediums: readonly Medium[];
  readonly shelf: readonly ShelfItem[];
}) {
  const router = useRouter();
  const place = `make.${medium.id}`;
  const [ml, setMl] = useState(() => device.get<number>(`${place}.ml`) ?? START_ML);
  const [weighing, setWeighing] = useState(() => device.get(place) !== undefined);
  const [done, setDone] = useState<{ readonly ml: number; readonly was: readonly ShelfItem[] }>();
  const { scoopMl = SCOOP_ML } = useSettings();
  const materials: Material[] = shelf.flatMap((i) => (i.kind === 'material' ? [i.material] : []));
  const book = openBook(materials, mediums);
  const batch = mediumBatch(medium, book, ml, STEP_G, shelf);
  const nameOf = nameIn({ materials, mediums });
  const back = () => router.replace('/shelf?kind=medium');

  const onShelf = (made: MediumBatch) => {
    const on = localNow().slice(0, 10);
    const next = batchMade(medium, made, shelf, on);
    putTable(next);
    device.remove(place);
    device.remove(`${place}.g`);
    setWeighing(false);
    setDone({ ml: made.ml, was: shelf });
  };
  const putBack = () => {
    if (!done) return;
    const had = done.was.find((i) => i.kind === 'medium' && i.medium.id === medium.id);
    const now = shelf.find((i) => i.kind === 'medium' && i.medium.id === medium.id);
    putTable(done.was.filter((i) => i.kind === 'material' || i.kind === 'medium'));
    if (!had && now) takeTableOff([now]);
    setDone(undefined);
  };

  if (weighing) {
    const list = batch.make.map(({ id, name, steps }): ToWeigh => ({
      kind: 'medium',
      id,
      name,
      steps,
    }));
    const batches: Batches = {
      list,
      place,
      title: `${trim(ml, 0)} mL of ${medium.name}`,
      stepG: STEP_G,
      seed: 1,
      nameOf,
      paints: new Set(),
      chipOf: () => undefined,
      surplus: () => undefined,
      scoopG: (id) => scoopG(book.material(id), 1, scoopMl),
      onMade: (whole, weighed: Weighing) => {
        if (whole.id === medium.id) device.set(`${place}.g`, weighedG(weighed));
      },
    };
    return (
      <WeighAlong
        batches={batches}
        onLeave={back}
        doneSays="Put it on the shelf: what went in is taken off, and plans take from what stands ready."
        done={
          <Button
            primary
            label="Onto the shelf"
            onPress={() => {
              const g = device.get<number>(`${place}.g`) ?? batch.g;
              onShelf(mediumBatch(medium, book, (batch.ml * g) / batch.g, STEP_G, shelf));
            }}
          />
        }
      />
    );
  }
  const goodFor = STOCK_MEDIUMS.find((m) => m.id === medium.id)?.goodFor;
  return (
    <Screen
      title={medium.name}
      acts={<Button label="Back" onPress={back} />}
      foot={
        <View className="flex-row gap-3 border-t border-ink bg-raised p-3">
          <Button
            className="min-h-[64px] flex-1"
            label="It is made already"
            onPress={() => onShelf(batch)}
          />
          <Button
            primary
            className="min-h-[64px] flex-1"
            label="Weigh it up"
            onPress={() => setWeighing(true)}
          />
        </View>
      }
    >
      {done ? (
        <UndoBar
          says={`${trim(done.ml, 0)} mL of ${medium.name} stand on the shelf.`}
          onUndo={putBack}
        />
      ) : null}
      <View className="gap-4 wide:max-w-[720px]">
        {goodFor ? <Body>{goodFor}</Body> : null}
        <QuantityField
          label="How much to make"
          dimension="volume"
          unit="ml"
          value={ml}
          min={1}
          max={50_000}
          onChange={(next) => {
            device.set(`${place}.ml`, next);
            setMl(next);
          }}
        />
        {batch.make.map((m) => (
          <WeighTable
            key={m.id}
            title={
              m.id === medium.id
                ? `${trim(m.g, 0)} g of ${m.name}`
                : `First ${trim(m.g, 0)} g of ${m.name}`
            }
            steps={m.steps}
            nameOf={nameOf}
          />
        ))}
        <Body>
          {batch.cost > 0
            ? `It costs ${money(batch.cost)}, ${money((batch.cost / batch.ml) * 1000)} a litre${batch.unpriced.length > 0 ? `, without ${batch.unpriced.join(' and ')}, whose price is not known` : ''}.`
            : 'What it costs shows once the shelf knows prices of what goes in.'}
        </Body>
        {batch.lacks.length > 0 ? (
          <Small className="!text-16">
            The shelf holds too little of{' '}
            {batch.lacks.map((l) => `${l.name}, ${trim(l.ml, 0)} mL short`).join('; ')}.
          </Small>
        ) : null}
      </View>
    </Screen>
  );
}
