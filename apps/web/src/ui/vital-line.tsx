import { Text, View } from 'react-native';

export interface Vital {
  readonly figure: string;
  readonly unit: string;
}

/** The figures that matter most, between a thick and a thin rule. */
export function VitalLine({ vitals }: { readonly vitals: readonly Vital[] }) {
  return (
    <View className="flex-row flex-wrap justify-between gap-x-3 border-b border-t-2 border-b-rule border-t-ink py-2">
      {vitals.map(({ figure, unit }) => (
        <Text key={unit} className="font-body text-13 text-quiet">
          <Text className="font-display text-20 text-ink" style={{ fontVariant: ['tabular-nums'] }}>
            {figure}
          </Text>{' '}
          {unit}
        </Text>
      ))}
    </View>
  );
}
