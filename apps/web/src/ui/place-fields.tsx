import { View } from 'react-native';
import { QuantityField } from './quantity-field';
import { useUnits } from './units';

/** A place on a face in numbers, for who does not press it on the picture. */
export function PlaceFields({
  at: [x, y],
  widthMm,
  heightMm,
  onPlace,
}: {
  readonly at: readonly [number, number];
  readonly widthMm: number;
  readonly heightMm: number;
  readonly onPlace: (xMm: number, yMm: number) => void;
}) {
  const { length } = useUnits();
  const field = { dimension: 'length', unit: length, min: 0, className: 'flex-1' } as const;
  return (
    <View className="flex-row gap-3">
      <QuantityField
        {...field}
        label="From the left"
        value={x}
        max={widthMm}
        onChange={(mm) => onPlace(mm, y)}
      />
      <QuantityField
        {...field}
        label="From the top"
        value={y}
        max={heightMm}
        onChange={(mm) => onPlace(x, mm)}
      />
    </View>
  );
}
