import { CONSISTENCIES } from '@potter/core/mix';
import type { Thickness } from '@potter/core/plan';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Line, Text as SvgText } from 'react-native-svg';
import { useConsistencyName } from '@/mixes/consistency-name';
import { useTokens } from '@/ui/tokens';

/** Viscosities the strip runs from and to, Pa·s, by logarithm. */
const FROM = 0.15;
const TO = 6;
const ROW = 26;
const FONT = 'AtkinsonHyperlegibleNext_400Regular';

/** All mixes on one scale from thin to thick: filled where they were read, a ring where only reckoned. */
export function ThicknessStrip({ of }: { readonly of: readonly Thickness[] }) {
  const tokens = useTokens();
  const nameOf = useConsistencyName();
  const [width, setWidth] = useState(0);
  const x = (paS: number) =>
    8 +
    ((Math.log(Math.min(TO, Math.max(FROM, paS))) - Math.log(FROM)) /
      (Math.log(TO) - Math.log(FROM))) *
      (width - 16);
  const height = 28 + of.length * ROW;
  const limits = [FROM, ...CONSISTENCIES.map((c) => Math.min(TO, c.belowPaS))];
  const says = of
    .map((t) => `${t.name} ${nameOf(t.step)}${t.odd ? ', stands apart' : ''}`)
    .join('; ');
  return (
    <View onLayout={(e) => setWidth(e.nativeEvent.layout.width)}>
      {width > 0 ? (
        <Svg width={width} height={height} role="img" aria-label={`From thin to thick: ${says}`}>
          {CONSISTENCIES.map(({ step }, i) => (
            <SvgText
              key={step}
              x={(x(limits[i]!) + x(limits[i + 1]!)) / 2}
              y={14}
              textAnchor="middle"
              fontSize={13}
              fontFamily={FONT}
              fill={tokens.ink}
            >
              {nameOf(step)}
            </SvgText>
          ))}
          {limits.slice(1, -1).map((paS) => (
            <Line
              key={paS}
              x1={x(paS)}
              x2={x(paS)}
              y1={20}
              y2={height}
              stroke={tokens.quiet}
              strokeDasharray="3 3"
            />
          ))}
          {of.map((t, i) => {
            const y = 28 + i * ROW + ROW / 2;
            const at = x(t.viscosityPaS);
            const left = at > width / 2;
            return [
              <Line key={`l${t.mix}`} x1={8} x2={width - 8} y1={y} y2={y} stroke={tokens.rule} />,
              <Circle
                key={`c${t.mix}`}
                cx={at}
                cy={y}
                r={t.odd ? 9 : 7}
                fill={t.read ? tokens.ink : tokens.surround}
                stroke={tokens.ink}
                strokeWidth={t.odd ? 4 : 2}
              />,
              <SvgText
                key={`t${t.mix}`}
                x={left ? at - 14 : at + 14}
                y={y - 3}
                textAnchor={left ? 'end' : 'start'}
                fontSize={13}
                fontFamily={FONT}
                fill={tokens.ink}
              >
                {`${t.name}${t.odd ? ', apart' : ''}`}
              </SvgText>,
            ];
          })}
        </Svg>
      ) : (
        <View style={{ height }} />
      )}
    </View>
  );
}
