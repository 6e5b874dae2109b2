import type { Vessel } from '@potter/core/vessel';
import Svg, { Line, Path } from 'react-native-svg';
import { useTokens } from '@/ui/tokens';

const HEIGHT = 148;

/** The cup from the side, at its own proportions: what is in, and where the next addition ends. */
export function CupMarks({
  vessel,
  fromMm,
  toMm,
}: {
  readonly vessel: Vessel;
  readonly fromMm: number;
  readonly toMm: number;
}) {
  const { ink, pressed, quiet } = useTokens();
  const scale = HEIGHT / vessel.heightMm;
  const across = (mm: number) =>
    (vessel.bottomMm +
      ((vessel.topMm - vessel.bottomMm) * Math.min(mm, vessel.heightMm)) / vessel.heightMm) *
    scale;
  const width = Math.max(vessel.topMm, vessel.bottomMm) * scale + 24;
  const middle = width / 2;
  const y = (mm: number) => HEIGHT + 2 - Math.min(mm, vessel.heightMm) * scale;
  const slab = (low: number, high: number) =>
    `M${middle - across(low) / 2} ${y(low)}L${middle + across(low) / 2} ${y(low)}L${middle + across(high) / 2} ${y(high)}L${middle - across(high) / 2} ${y(high)}Z`;
  return (
    <Svg
      width={width}
      height={HEIGHT + 4}
      role="img"
      aria-label={`The cup, filled from ${Math.round(fromMm)} to ${Math.round(toMm)} mm`}
    >
      {fromMm > 0 ? <Path d={slab(0, fromMm)} fill={quiet} /> : null}
      <Path d={slab(Math.max(0, fromMm), toMm)} fill={pressed} />
      <Path
        d={`M${middle - across(vessel.heightMm) / 2} ${y(vessel.heightMm)}L${middle - across(0) / 2} ${y(0)}L${middle + across(0) / 2} ${y(0)}L${middle + across(vessel.heightMm) / 2} ${y(vessel.heightMm)}`}
        fill="none"
        stroke={ink}
        strokeWidth={2}
      />
      <Line
        x1={middle - across(toMm) / 2 - 12}
        x2={middle + across(toMm) / 2 + 12}
        y1={y(toMm)}
        y2={y(toMm)}
        stroke={ink}
        strokeWidth={3}
      />
    </Svg>
  );
}
