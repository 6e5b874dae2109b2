import type { ShelfMedium } from '@potter/core/stock';
import { MATERIALS, type Medium, STOCK_MEDIUMS } from '@potter/core/material';
import { loopOf } from '@potter/core/mix';
import { trim } from '@potter/core/quantity';
import Trash from 'lucide-react-native/icons/trash';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useMaterials, useMediums } from '@/data/shelf';
import { Button, IconButton } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { Pick } from '@/ui/pick';
import { NumberField } from '@/ui/quantity-field';
import { Body, Heading, Strong } from '@/ui/type';
import { ItemForm } from './item-form';
import { NameField } from '@/ui/name-field';
import { StockFields } from './stock-fields';

/** A medium of one's own: materials and other ready mediums, in parts. */
export function MediumForm({
  item,
  isNew,
}: {
  readonly item: ShelfMedium;
  readonly isNew: boolean;
}) {
  const router = useRouter();
  const own = useMaterials();
  const parts = [...MATERIALS, ...own.map((m) => m.material)].map((m) => ({
    value: m.id,
    label: m.name,
  }));
  const mediums = useMediums().map((m) => m.medium);
  const others = [
    ...mediums,
    ...STOCK_MEDIUMS.filter((m) => m.of.length > 1 && !mediums.some((o) => o.id === m.id)),
  ].filter((m) => m.id !== item.medium.id);
  /** The way round by which it would come to hold itself, by names. */
  const loopIn = (medium: Medium) =>
    loopOf(medium.id, (id) => (id === medium.id ? medium : others.find((m) => m.id === id)))
      ?.map((id) =>
        id === medium.id ? medium.name : (others.find((m) => m.id === id)?.name ?? id),
      )
      .join(' → ');
  const inside = others.map((m) => ({ value: `medium:${m.id}`, label: `${m.name}, a medium` }));
  return (
    <ItemForm
      item={item}
      isNew={isNew}
      title={isNew ? 'New medium' : item.medium.name}
      sound={({ medium }) => loopIn(medium) === undefined}
    >
      {(value, set) => {
        const { medium } = value;
        const loop = loopIn(medium);
        const whole = medium.of.reduce((sum, i) => sum + i.parts, 0);
        const change = (part: Partial<Medium>) => set({ ...value, medium: { ...medium, ...part } });
        const setItem = (index: number, next: Medium['of'][number]) =>
          change({ of: medium.of.map((i, at) => (at === index ? next : i)) });
        return (
          <>
            <NameField value={medium.name} onChange={(name) => change({ name })} />
            <Choice
              label="Parts by"
              value={medium.basis}
              options={[
                { value: 'volume', label: 'Volume' },
                { value: 'weight', label: 'Weight' },
              ]}
              onChange={(basis) => change({ basis })}
            />
            <Heading>What is in it</Heading>
            {medium.of.map((part, index) => (
              <View key={index} className="flex-row items-end gap-2 border-b border-rule pb-2">
                <View className="flex-1">
                  <Pick
                    label={`Ingredient ${index + 1}`}
                    value={'medium' in part ? `medium:${part.medium}` : part.material}
                    options={[...parts, ...inside]}
                    onChange={(id) =>
                      setItem(
                        index,
                        id.startsWith('medium:')
                          ? { medium: id.slice(7), parts: part.parts }
                          : { material: id, parts: part.parts },
                      )
                    }
                  />
                </View>
                <NumberField
                  className="w-[84px]"
                  label="Parts"
                  value={part.parts}
                  min={0.01}
                  max={10000}
                  onChange={(n) => setItem(index, { ...part, parts: n })}
                />
                <IconButton
                  icon={Trash}
                  label={`Leave ingredient ${index + 1} out`}
                  disabled={medium.of.length === 1}
                  onPress={() => change({ of: medium.of.filter((_, at) => at !== index) })}
                />
              </View>
            ))}
            <Body>{medium.of.map((i) => `${trim((i.parts / whole) * 100, 0)} %`).join(' : ')}</Body>
            <Button
              className="self-start"
              label="+ Ingredient"
              disabled={medium.of.length >= 12}
              onPress={() => change({ of: [...medium.of, { material: 'water', parts: 1 }] })}
            />
            {loop ? (
              <View role="alert" className="border-l-[6px] border-l-ink bg-raised p-3">
                <Strong>It would hold itself: {loop}.</Strong>
                <Body>Take one of them out of another; it cannot be saved like this.</Body>
              </View>
            ) : null}
            {isNew ? null : (
              <Button
                className="self-start"
                label="Make a batch of it"
                onPress={() => router.push(`/shelf/make/${medium.id}`)}
              />
            )}
            <StockFields value={value} set={set} />
          </>
        );
      }}
    </ItemForm>
  );
}
