import { trim } from '@potter/core/quantity';
import { useState } from 'react';
import { View } from 'react-native';
import { LineChart } from 'react-native-chart-kit';
import { useTokens } from '@/ui/tokens';
import type { Watched } from './use-watch';

const HEIGHT = 180;
const FONT = 'AtkinsonHyperlegibleNext_400Regular';
/** Points so many at the most, evenly among those there are: more cannot be told apart on a phone. */
const MOST = 13;
/** A line through fewer is none. */
const FEWEST = 3;
/** The scale ends at multiples of so much, %: its five parts are even figures then. */
const STEP = 10;
/** Labels under it so many at the most. */
const LABELS = 5;

/** How much wider cells were at each picture than at first, over the minutes. */
export function GrownChart({ grown }: Pick<Watched, 'grown'>) {
  const { ink, quiet, surround, rule } = useTokens();
  const [width, setWidth] = useState(0);
  if (grown.length < FEWEST) return null;
  const points = Array.from(
    { length: Math.min(MOST, grown.length) },
    (_, i, { length } = grown) => {
      const many = Math.min(MOST, length);
      return grown[Math.round((i * (length - 1)) / (many - 1))]!;
    },
  );
  const percents = points.map((p) => 100 * p.grown);
  // Lines lie at even figures, and so little growth as none shall not look like much.
  const top = STEP * Math.ceil(Math.max(STEP, ...percents) / STEP);
  const bottom = Math.min(0, STEP * Math.floor(Math.min(...percents, 0) / STEP));
  const every = Math.ceil(points.length / LABELS);
  const says = points
    .map(({ min, grown: by }) => `${trim(min, 0)} min ${trim(100 * by, 0)} %`)
    .join(', ');
  return (
    <View
      role="img"
      aria-label={`Cells wider than at first: ${says}`}
      onLayout={(e) => setWidth(e.nativeEvent.layout.width)}
      style={{ height: HEIGHT }}
    >
      {width > 0 ? (
        <LineChart
          data={{
            labels: points.map(({ min }, i) => (i % every === 0 ? `${trim(min, 0)} min` : '')),
            datasets: [
              { data: percents, color: () => ink, strokeWidth: 3 },
              // Never drawn: it holds the scale.
              { data: [bottom, top], withDots: false, color: () => 'transparent', strokeWidth: 0 },
            ],
          }}
          width={width}
          height={HEIGHT}
          segments={5}
          withShadow={false}
          withVerticalLines={false}
          yAxisSuffix=" %"
          chartConfig={{
            backgroundGradientFrom: surround,
            backgroundGradientTo: surround,
            decimalPlaces: 0,
            color: () => rule,
            labelColor: () => quiet,
            propsForLabels: { fontFamily: FONT, fontSize: 13 },
            propsForBackgroundLines: { stroke: rule, strokeDasharray: '' },
            propsForDots: { r: '4', fill: ink, stroke: surround },
          }}
          style={{ paddingRight: 56 }}
        />
      ) : null}
    </View>
  );
}
