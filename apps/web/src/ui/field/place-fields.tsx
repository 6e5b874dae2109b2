import { View } from 'react-native';
import { QuantityField } from '../quantity-field';

/** A place on the surface, by its distance from the left and from the top. */
export function PlaceFields({
  label,
  at: [x, y],
  onChange,
}: {
  readonly label: string;
  readonly at: readonly [number, number];
  readonly onChange: (at: [number, number], tag: string) => void;
}) {
  return (
    <View className="w-full flex-row gap-3">
      <QuantityField
        className="flex-1"
        label={`${label}, from the left`}
        value={x}
        min={-5000}
        max={10000}
        dimension="length"
        unit="mm"
        decimals={0}
        onChange={(n) => onChange([n, y], `${label} x`)}
      />
      <QuantityField
        className="flex-1"
        label={`${label}, from the top`}
        value={y}
        min={-5000}
        max={10000}
        dimension="length"
        unit="mm"
        decimals={0}
        onChange={(n) => onChange([x, n], `${label} y`)}
      />
    </View>
  );
}
