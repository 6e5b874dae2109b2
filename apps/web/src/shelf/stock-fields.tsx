import { type ShelfItem, shelfDensity } from '@potter/core/stock';
import { View } from 'react-native';
import { Choice } from '@/ui/choice';
import { DateField } from '@/ui/date-field';
import { NumberField } from '@/ui/quantity-field';
import { MakerField } from './maker-field';

type Poured = Extract<ShelfItem, { kind: 'paint' | 'material' | 'medium' | 'finish' }>;

/** What is known of the tube or bottle: whose it is, what is left, what it cost, when it runs low. */
export function StockFields<T extends Poured>({
  value,
  set,
}: {
  readonly value: T;
  readonly set: (next: T) => void;
}) {
  const inG = value.countedIn === 'g';
  const per = inG ? 1 / shelfDensity(value) : 1;
  const unit = inG ? 'g' : 'mL';
  const amount = (label: string, key: 'stockMl' | 'sizeMl' | 'lowMl', min: number) => (
    <NumberField
      className="min-w-[96px] flex-1"
      label={`${label}, ${unit}`}
      value={value[key] ?? (key === 'sizeMl' ? 100 : 0)}
      min={min}
      max={1e6}
      per={per}
      decimals={0}
      onChange={(ml) => set({ ...value, [key]: ml })}
    />
  );
  return (
    <>
      <MakerField
        value={value.maker ?? ''}
        onChange={(maker) => set({ ...value, maker: maker || undefined })}
      />
      <Choice
        label="Counted by"
        value={value.countedIn ?? 'ml'}
        options={[
          { value: 'ml', label: 'Volume, mL' },
          { value: 'g', label: 'Weight, g' },
        ]}
        onChange={(countedIn) => set({ ...value, countedIn })}
      />
      <View className="flex-row flex-wrap gap-3">
        {amount('Left', 'stockMl', 0)}
        {amount('A full one holds', 'sizeMl', 1)}
        {amount('Low at', 'lowMl', 0)}
        <NumberField
          className="min-w-[96px] flex-1"
          label="A full one costs"
          value={value.price ?? 0}
          min={0}
          max={1e6}
          onChange={(price) => set({ ...value, price })}
        />
      </View>
      <DateField
        day
        label={value.kind === 'medium' ? 'Made on' : 'Opened on'}
        value={value.openedOn}
        onChange={(day) => set({ ...value, openedOn: day?.slice(0, 10) })}
      />
    </>
  );
}
