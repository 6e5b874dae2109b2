import type { ScheduleEntry } from '@potter/core/schedule';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Defs, Line, Pattern, Rect } from 'react-native-svg';
import { useTokens } from '@/ui/tokens';

const HEIGHT = 22;

/** A piece from wet to cured: solid until the earliest, hatched until the latest, a tick for each act, an ink line for now. */
export function RackBar({
  schedule,
  now,
}: {
  readonly schedule: readonly ScheduleEntry[];
  readonly now?: string;
}) {
  const { ink, outline } = useTokens();
  const [width, setWidth] = useState(0);
  const acts = schedule.filter((e) => e.act !== 'due');
  const start = Date.parse(`${acts[0]?.from}Z`);
  const cured = acts.find((e) => e.act === 'cured');
  const end = Date.parse(`${cured?.to}Z`);
  if (!cured || !(end > start)) return null;
  // The first days matter most: the root opens them up, the weeks at the end draw together.
  const x = (local: string) =>
    Math.sqrt(Math.max(0, Math.min(1, (Date.parse(`${local}Z`) - start) / (end - start)))) *
      (width - 2) +
    1;
  return (
    <View
      onLayout={(e) => setWidth(e.nativeEvent.layout.width)}
      style={{ height: HEIGHT }}
      aria-hidden
    >
      {width > 0 ? (
        <Svg width={width} height={HEIGHT}>
          <Defs>
            <Pattern
              id="latest"
              width={5}
              height={5}
              patternUnits="userSpaceOnUse"
              patternTransform="rotate(45)"
            >
              <Line x1={0} y1={0} x2={0} y2={5} stroke={ink} strokeWidth={2} />
            </Pattern>
          </Defs>
          <Rect x={1} y={7} width={Math.max(0, x(cured.from) - 1)} height={8} fill={ink} />
          <Rect
            x={x(cured.from)}
            y={7}
            width={Math.max(0, width - 1 - x(cured.from))}
            height={8}
            fill="url(#latest)"
            stroke={ink}
          />
          {acts.slice(1).map((e) => (
            <Line
              key={`${e.act} ${e.stage ?? 0}`}
              x1={x(e.from)}
              x2={x(e.from)}
              y1={3}
              y2={19}
              stroke={outline}
              strokeWidth={2}
            />
          ))}
          {now ? (
            <Line x1={x(now)} x2={x(now)} y1={0} y2={HEIGHT} stroke={ink} strokeWidth={3} />
          ) : null}
        </Svg>
      ) : null}
    </View>
  );
}
