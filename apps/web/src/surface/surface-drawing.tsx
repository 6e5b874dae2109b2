import { trim } from '@potter/core/quantity';
import { shapeOf, sizeWords, type Surface } from '@potter/core/surface';
import { type ReactNode, useState } from 'react';
import { View } from 'react-native';
import Svg, { Line, Path, Text as SvgText } from 'react-native-svg';
import { useTokens } from '@/ui/tokens';

const MOST_HEIGHT = 200;
const RULER = 34;
const FONT = 'AtkinsonHyperlegibleNext_400Regular';

interface Props {
  readonly surface: Surface;
  /** With a hand beside it, 18 cm from wrist to fingertip, to judge its size by. */
  readonly hand?: boolean;
  /** Drawn on top: where moves act. `scale` is px per mm. */
  readonly marks?: (place: {
    readonly left: number;
    readonly top: number;
    readonly scale: number;
  }) => ReactNode;
}

/** The surface in true proportion on its ground, with a ruler in cm along two sides. */
export function SurfaceDrawing({ surface, hand = false, marks }: Props) {
  const tokens = useTokens();
  const [room, setRoom] = useState(0);
  const shape = shapeOf(surface.shape);
  const { widthMm, heightMm } = shape.bounds(surface.shape);
  const beside = hand ? HAND.widthMm + HAND.gapMm : 0;
  const tall = hand ? Math.max(heightMm, HAND.heightMm) : heightMm;
  const scale = Math.min((room - RULER - 4) / (widthMm + beside), MOST_HEIGHT / tall);
  const width = widthMm * scale;
  const height = heightMm * scale;
  const left = RULER + (room - RULER - width - beside * scale) / 2;
  const every = tickMm(Math.max(widthMm, heightMm));
  const ticks = (lengthMm: number) =>
    Array.from({ length: Math.floor(lengthMm / every) + 1 }, (_, i) => i * every);
  const says = sizeWords(surface.shape, 'cm');
  return (
    <View onLayout={(e) => setRoom(e.nativeEvent.layout.width)}>
      {room > 0 ? (
        <Svg
          width={room}
          height={tall * scale + RULER + 4}
          role="img"
          aria-label={`The surface: ${says}`}
        >
          {ticks(widthMm).map((mm) => (
            <Line
              key={`x${mm}`}
              x1={left + mm * scale}
              x2={left + mm * scale}
              y1={RULER - (mm % (every * 5) === 0 ? 10 : 6)}
              y2={RULER}
              stroke={tokens.ink}
            />
          ))}
          {ticks(heightMm).map((mm) => (
            <Line
              key={`y${mm}`}
              x1={left - (mm % (every * 5) === 0 ? 10 : 6)}
              x2={left}
              y1={RULER + mm * scale}
              y2={RULER + mm * scale}
              stroke={tokens.ink}
            />
          ))}
          <SvgText
            x={left + width}
            y={10}
            textAnchor="end"
            fontSize={13}
            fontFamily={FONT}
            fill={tokens.ink}
          >
            {`${trim(widthMm / 10, 1)} cm`}
          </SvgText>
          <SvgText
            x={left - 12}
            y={RULER + height}
            textAnchor="end"
            fontSize={13}
            fontFamily={FONT}
            fill={tokens.ink}
          >
            {trim(heightMm / 10, 1)}
          </SvgText>
          <Path
            d={shape.path(surface.shape)}
            transform={`translate(${left} ${RULER}) scale(${scale})`}
            fill={surface.ground.hex}
            fillRule="evenodd"
            stroke={tokens.ink}
            strokeWidth={1.5 / scale}
          />
          {hand ? (
            <Path
              d={HAND.path}
              transform={`translate(${left + width + HAND.gapMm * scale} ${RULER + (tall - HAND.heightMm) * scale}) scale(${scale})`}
              fill="none"
              stroke={tokens.quiet}
              strokeWidth={1.5 / scale}
              strokeLinejoin="round"
            />
          ) : null}
          {marks?.({ left, top: RULER, scale })}
        </Svg>
      ) : (
        <View style={{ height: MOST_HEIGHT }} />
      )}
    </View>
  );
}

/** An open hand, mm: 185 from the wrist to the tip of the middle finger (about the mean of grown women and men, from memory). */
const HAND = {
  widthMm: 99,
  heightMm: 185,
  gapMm: 14,
  path: 'M24 185C24 160 20 150 12 138L2 112C-1 104 8 99 13 107L24 124L20 42C20 31 33 30 35 41L41 88L42 12C42 0 56 0 57 12L60 86L66 22C67 11 81 12 80 24L78 90L86 54C88 44 100 47 98 57L92 122C90 142 84 152 80 164L79 185',
} as const;

/** Some twenty to fifty ticks along the longer side. */
const tickMm = (lengthMm: number): number =>
  lengthMm <= 150 ? 5 : lengthMm <= 600 ? 10 : lengthMm <= 1500 ? 50 : 100;
