import type { ReactNode } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Line } from 'react-native-svg';
import { useTokens } from '@/ui/tokens';

const SIZE_PX = 120;
const TIMES = 2.5;

/** What lies under a fingertip, drawn larger where the finger is not. */
export function Magnifier({
  at: [x, y],
  width,
  children,
}: {
  readonly at: readonly [number, number];
  readonly width: number;
  readonly children: ReactNode;
}) {
  const { ink } = useTokens();
  const half = SIZE_PX / TIMES / 2;
  const onRight = x < width / 2;
  return (
    <View
      aria-hidden
      pointerEvents="none"
      className="absolute top-2 overflow-hidden border-2 border-ink bg-surround"
      style={{
        width: SIZE_PX,
        height: SIZE_PX,
        borderRadius: SIZE_PX / 2,
        ...(onRight ? { right: 8 } : { left: 8 }),
      }}
    >
      <Svg
        width={SIZE_PX}
        height={SIZE_PX}
        viewBox={`${x - half} ${y - half} ${2 * half} ${2 * half}`}
      >
        {children}
        <Circle cx={x} cy={y} r={3} fill="none" stroke={ink} strokeWidth={1} />
        <Line x1={x - 8} x2={x + 8} y1={y} y2={y} stroke={ink} strokeWidth={0.5} />
        <Line x1={x} x2={x} y1={y - 8} y2={y + 8} stroke={ink} strokeWidth={0.5} />
      </Svg>
    </View>
  );
}
