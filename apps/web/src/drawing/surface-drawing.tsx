import { trim } from '@potter/core/quantity';
import { shapeOf, sizeWords, type Surface } from '@potter/core/surface';
import { type ReactNode, useState } from 'react';
import { View } from 'react-native';
import Svg, { Line, Text as SvgText } from 'react-native-svg';
import { useTokens } from '@/ui/tokens';
import { Face } from './face';
import { HAND, Hand } from './hand';
import type { BoardView } from './view';

const MOST_HEIGHT = 200;
const RULER = 34;
const FONT = 'AtkinsonHyperlegibleNext_400Regular';

interface Props {
  readonly surface: Surface;
  /** With a hand beside it, 18 cm from wrist to fingertip, to judge its size by. */
  readonly hand?: boolean;
  /** Drawn on top: where moves act. `scale` is px per mm. */
  readonly marks?: (view: BoardView) => ReactNode;
  /** As high as it may become, px. */
  readonly mostHeight?: number;
}

/** The surface in true proportion on its ground, with a ruler in cm along two sides. */
export function SurfaceDrawing({ surface, hand = false, marks, mostHeight = MOST_HEIGHT }: Props) {
  const tokens = useTokens();
  const [room, setRoom] = useState(0);
  const shape = shapeOf(surface.shape);
  const { widthMm, heightMm } = shape.bounds(surface.shape);
  const beside = hand ? HAND.widthMm + HAND.gapMm : 0;
  const tall = hand ? Math.max(heightMm, HAND.heightMm) : heightMm;
  const scale = Math.min((room - RULER - 4) / (widthMm + beside), mostHeight / tall);
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
          <Face surface={surface} view={{ left, top: RULER, scale }} />
          {hand ? (
            <Hand
              view={{ left: left + width + HAND.gapMm * scale, top: RULER, scale }}
              at={[HAND.widthMm, tall]}
            />
          ) : null}
          {marks?.({ left, top: RULER, scale })}
        </Svg>
      ) : (
        <View style={{ height: mostHeight }} />
      )}
    </View>
  );
}

/** Some twenty to fifty ticks along the longer side. */
const tickMm = (lengthMm: number): number =>
  lengthMm <= 150 ? 5 : lengthMm <= 600 ? 10 : lengthMm <= 1500 ? 50 : 100;
