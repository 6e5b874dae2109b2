import type { Raise, Slope, Support } from '@potter/core/level';
import { trim } from '@potter/core/quantity';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { useTokens } from '@/ui/tokens';

const SIDE = 320;
/** The bubble is at the rim at this slope, mm a metre. */
const FULL = 15;
/** Less is under no support worth a sheet of paper, mm. */
export const LEAST_MM = 0.3;

/** The board from above with its supports, what is to be put under each, and a bubble that runs to the high side. */
export function LevelDrawing({
  slope: { right, far },
  supports,
  raises,
  widthMm,
  heightMm,
  level,
}: {
  readonly slope: Slope;
  readonly supports: readonly Support[];
  readonly raises: readonly Raise[];
  readonly widthMm: number;
  readonly heightMm: number;
  readonly level: boolean;
}) {
  const { ink, raised, outline, surround } = useTokens();
  const k = (SIDE - 40) / Math.max(widthMm, heightMm);
  const [w, h] = [widthMm * k, heightMm * k];
  const r = Math.min(w, h) * 0.24;
  const off = Math.min(1, Math.hypot(right, far) / FULL) / (Math.hypot(right, far) || 1);
  const label = level
    ? 'The bubble is in the middle'
    : `The bubble is ${far > 0 ? 'far' : 'near'} ${right > 0 ? 'right' : 'left'}`;
  return (
    <View role="img" aria-label={label} className="self-center">
      <Svg width={SIDE} height={h + 40} viewBox={`${-SIDE / 2} ${-h / 2 - 20} ${SIDE} ${h + 40}`}>
        <Rect
          x={-w / 2}
          y={-h / 2}
          width={w}
          height={h}
          fill={raised}
          stroke={ink}
          strokeWidth={2}
        />
        <Circle r={r} fill="none" stroke={outline} strokeWidth={1.5} />
        <Circle r={r / 4} fill="none" stroke={outline} strokeWidth={1.5} />
        <Line x1={-r} x2={r} y1={0} y2={0} stroke={outline} />
        <Line x1={0} x2={0} y1={-r} y2={r} stroke={outline} />
        <Circle
          cx={right * off * r}
          cy={-far * off * r}
          r={r / 5}
          fill={level ? ink : surround}
          stroke={ink}
          strokeWidth={3}
        />
        {supports.map(({ name, rightMm, farMm }, i) => {
          const mm = raises[i]?.mm ?? 0;
          return (
            <G key={name} x={rightMm * k * 1.3} y={-farMm * k * 1.3}>
              <Circle r={7} fill={mm >= LEAST_MM ? ink : raised} stroke={ink} strokeWidth={2} />
              {mm >= LEAST_MM ? (
                <SvgText
                  x={rightMm > 0 ? 10 : -10}
                  y={farMm > 0 ? 26 : -14}
                  fontSize={16}
                  fontFamily="AtkinsonHyperlegibleNext_700Bold"
                  fill={ink}
                  textAnchor={rightMm > 0 ? 'end' : 'start'}
                >
                  {`+${trim(mm, 1)} mm`}
                </SvgText>
              ) : null}
            </G>
          );
        })}
      </Svg>
    </View>
  );
}
