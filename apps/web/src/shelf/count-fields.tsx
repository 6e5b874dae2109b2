import type { ShelfItem } from '@potter/core/stock';
import { View } from 'react-native';
import { NumberField } from '@/ui/quantity-field';
import { MakerField } from './maker-field';

type Counted = Extract<ShelfItem, { kind: 'vessel' | 'surface' }>;

/** What is known of things that are counted: how many, when they run low, what one costs. */
export function CountFields<T extends Counted>({
  value,
  set,
}: {
  readonly value: T;
  readonly set: (next: T) => void;
}) {
  return (
    <>
      <MakerField
        value={value.maker ?? ''}
        onChange={(maker) => set({ ...value, maker: maker || undefined })}
      />
      <View className="flex-row gap-3">
        <NumberField
          className="flex-1"
          label="How many"
          value={value.count ?? 0}
          min={0}
          max={10000}
          whole
          onChange={(count) => set({ ...value, count })}
        />
        <NumberField
          className="flex-1"
          label="Low at"
          value={value.lowCount ?? 0}
          min={0}
          max={10000}
          whole
          onChange={(lowCount) => set({ ...value, lowCount })}
        />
        <NumberField
          className="flex-1"
          label="One costs"
          value={value.price ?? 0}
          min={0}
          max={1e6}
          onChange={(price) => set({ ...value, price })}
        />
      </View>
    </>
  );
}
