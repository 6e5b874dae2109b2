import { useState } from 'react';
import { View } from 'react-native';
import { LineChart } from 'react-native-chart-kit';
import { useTokens } from './tokens';

const FONT = 'AtkinsonHyperlegibleNext_400Regular';

interface Props {
  /** What it shows, in words, with its figures. */
  readonly says: string;
  readonly height: number;
  readonly labels: string[];
  readonly data: number[];
  /** Lowest and highest figure of the scale, whatever the data are. */
  readonly scale: readonly [number, number];
  /** Parts the scale is ruled into. */
  readonly segments: number;
  /** Room for what stands at the scale, px. */
  readonly room: number;
  readonly at: (value: string) => string;
}

/** One line of figures in ink, its dots on it, on a ruled ground. */
export function LineFigure({ says, height, labels, data, scale, segments, room, at }: Props) {
  const { ink, quiet, surround, rule } = useTokens();
  const [width, setWidth] = useState(0);
  return (
    <View
      role="img"
      aria-label={says}
      onLayout={(e) => setWidth(e.nativeEvent.layout.width)}
      style={{ height }}
    >
      {width > 0 ? (
        <LineChart
          data={{
            labels,
            datasets: [
              { data, color: () => ink, strokeWidth: 3 },
              // Never drawn: it holds the scale.
              { data: [...scale], withDots: false, color: () => 'transparent', strokeWidth: 0 },
            ],
          }}
          width={width}
          height={height}
          segments={segments}
          withShadow={false}
          withVerticalLines={false}
          formatYLabel={at}
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
          style={{ paddingRight: room }}
          yLabelsOffset={6}
        />
      ) : null}
    </View>
  );
}
