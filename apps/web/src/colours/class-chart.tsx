import type { Thinned } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { useState } from 'react';
import { View } from 'react-native';
import { LineChart } from 'react-native-chart-kit';
import { useTokens } from '@/ui/tokens';

/** Where each class begins, in steps of a class. */
const BEGINS: Readonly<Record<string, string>> = {
  '0': 'transparent',
  '1': 'semi-transp.',
  '2': 'semi-opaque',
  '3': 'opaque',
};
const HEIGHT = 220;
const FONT = 'AtkinsonHyperlegibleNext_400Regular';

/** How the class falls as medium goes in; each line across is where a class begins. */
export function ClassChart({ thinned }: { readonly thinned: readonly Thinned[] }) {
  const { ink, quiet, surround, rule } = useTokens();
  const [width, setWidth] = useState(0);
  const says = thinned
    .map(
      ({ parts, opacity }) =>
        `${parts === 0 ? 'no medium' : `1 : ${trim(parts, 1)}`} ${opacity.class}`,
    )
    .join(', ');
  return (
    <View
      role="img"
      aria-label={`Class with parts of medium: ${says}`}
      onLayout={(e) => setWidth(e.nativeEvent.layout.width)}
      style={{ height: HEIGHT }}
    >
      {width > 0 ? (
        <LineChart
          data={{
            labels: thinned.map((t) => trim(t.parts, 1)),
            datasets: [
              { data: thinned.map((t) => t.classes), color: () => ink, strokeWidth: 3 },
              // Never drawn: it holds the scale from nothing to the top of the classes.
              { data: [0, 4], withDots: false, color: () => 'transparent', strokeWidth: 0 },
            ],
          }}
          width={width}
          height={HEIGHT}
          segments={4}
          fromZero
          withShadow={false}
          withVerticalLines={false}
          formatYLabel={(value) => BEGINS[String(Math.round(Number(value)))] ?? ''}
          chartConfig={{
            backgroundGradientFrom: surround,
            backgroundGradientTo: surround,
            decimalPlaces: 0,
            color: () => rule,
            labelColor: () => quiet,
            propsForLabels: { fontFamily: FONT, fontSize: 13 },
            propsForBackgroundLines: { stroke: rule, strokeDasharray: '' },
            propsForDots: { r: '5', fill: ink, stroke: surround },
          }}
          style={{ paddingRight: 84 }}
          yLabelsOffset={6}
        />
      ) : null}
    </View>
  );
}
