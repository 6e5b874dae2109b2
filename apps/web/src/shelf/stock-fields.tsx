import type { ShelfMaterial, ShelfPaint } from '@potter/contract';
import { View } from 'react-native';
import { NumberField } from '@/ui/quantity-field';
import { TextField } from '@/ui/text-field';

/** What is known of the tube or bottle: whose it is, what is left, what it cost. */
export function StockFields<T extends ShelfPaint | ShelfMaterial>({
  value,
  set,
}: {
  readonly value: T;
  readonly set: (next: T) => void;
}) {
  return (
    <>
      <TextField
        label="Maker, line and grade, in your own words"
        shown={value.maker ?? ''}
        read={(text) => ({ ok: true, value: text.slice(0, 80) })}
        onChange={(maker) => set({ ...value, maker: maker || undefined })}
      />
      <View className="flex-row gap-3">
        <NumberField
          className="flex-1"
          label="Left, mL"
          value={value.stockMl ?? 0}
          min={0}
          max={1e6}
          decimals={0}
          onChange={(stockMl) => set({ ...value, stockMl })}
        />
        <NumberField
          className="flex-1"
          label="Holds, mL"
          value={value.sizeMl ?? 100}
          min={1}
          max={1e6}
          decimals={0}
          onChange={(sizeMl) => set({ ...value, sizeMl })}
        />
        <NumberField
          className="flex-1"
          label="Its price"
          value={value.price ?? 0}
          min={0}
          max={1e6}
          onChange={(price) => set({ ...value, price })}
        />
      </View>
    </>
  );
}
