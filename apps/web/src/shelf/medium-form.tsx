import type { ShelfMedium } from '@potter/core/stock';
import { MATERIALS, type Medium, STOCK_MEDIUMS } from '@potter/core/material';
import { trim } from '@potter/core/quantity';
import Trash from 'lucide-react-native/icons/trash';
import { View } from 'react-native';
import { useMaterials } from '@/data/shelf';
import { Button, IconButton } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { Pick } from '@/ui/pick';
import { NumberField } from '@/ui/quantity-field';
import { Body, Heading } from '@/ui/type';
import { ItemForm } from './item-form';
import { NameField } from './name-field';
import { StockFields } from './stock-fields';

/** A medium of one's own: materials and other ready mediums, in parts. */
export function MediumForm({
  item,
  isNew,
}: {
  readonly item: ShelfMedium;
  readonly isNew: boolean;
}) {
  const own = useMaterials();
  const parts = [...MATERIALS, ...own.map((m) => m.material)].map((m) => ({
    value: m.id,
    label: m.name,
  }));
  const ready = STOCK_MEDIUMS.filter((m) => m.of.length > 1).map((m) => ({
    value: `medium:${m.id}`,
    label: `${m.name}, ready`,
  }));
  return (
    <ItemForm item={item} isNew={isNew} title={isNew ? 'New medium' : item.medium.name}>
      {(value, set) => {
        const { medium } = value;
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
                    options={[...parts, ...ready]}
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
            <StockFields value={value} set={set} />
          </>
        );
      }}
    </ItemForm>
  );
}
