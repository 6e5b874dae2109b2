import { shapeOf, type Surface } from '@potter/core/surface';
import type { Move } from '@potter/core/verb';
import { Circle, G, Line, Polygon, Text as SvgText } from 'react-native-svg';

export interface Place {
  readonly left: number;
  readonly top: number;
  readonly scale: number;
}

interface Props extends Place {
  readonly moves: readonly Move[];
  readonly selected: number | undefined;
  readonly surface: Surface;
}

const INK = '#161616';
const CASING = '#ffffff';
const RADIUS = 11;

/** Where each move acts on the surface: a numbered disc where a cup goes down or is poured, a wedge where it is tilted to. Ink with a white casing, to be seen on any ground. */
export function MoveMarks({ moves, selected, surface, left, top, scale }: Props) {
  const { widthMm, heightMm } = shapeOf(surface.shape).bounds(surface.shape);
  const centre: [number, number] = [left + (widthMm * scale) / 2, top + (heightMm * scale) / 2];
  return (
    <G>
      {moves.map((move, i) => {
        const chosen = i === selected;
        if (move.verb === 'flip' || move.verb === 'pour') {
          return (
            <Disc
              key={move.id}
              x={left + move.atMm[0] * scale}
              y={top + move.atMm[1] * scale}
              label={String(i + 1)}
              chosen={chosen}
            />
          );
        }
        if (move.verb === 'tilt') {
          // All tilts at once would be a rosette: the chosen one is drawn whole, the others as a short stroke.
          return (
            <Tilt
              key={move.id}
              centre={centre}
              reach={[(widthMm * scale) / 2, (heightMm * scale) / 2]}
              deg={move.towardDeg}
              label={String(i + 1)}
              chosen={chosen}
            />
          );
        }
        return null;
      })}
    </G>
  );
}

function Disc({
  x,
  y,
  label,
  chosen,
}: {
  readonly x: number;
  readonly y: number;
  readonly label: string;
  readonly chosen: boolean;
}) {
  return (
    <G>
      <Circle cx={x} cy={y} r={RADIUS + 1.5} fill={CASING} />
      <Circle cx={x} cy={y} r={RADIUS} fill={chosen ? INK : CASING} stroke={INK} strokeWidth={2} />
      <SvgText
        x={x}
        y={y + 4.5}
        textAnchor="middle"
        fontSize={13}
        fontFamily="AtkinsonHyperlegibleNext_700Bold"
        fill={chosen ? CASING : INK}
      >
        {label}
      </SvgText>
    </G>
  );
}

function Tilt({
  centre: [cx, cy],
  reach: [rx, ry],
  deg,
  label,
  chosen,
}: {
  readonly centre: [number, number];
  readonly reach: [number, number];
  readonly deg: number;
  readonly label: string;
  readonly chosen: boolean;
}) {
  const a = (deg * Math.PI) / 180;
  const [dx, dy] = [Math.cos(a), Math.sin(a)];
  // As far as the edge of the bounding box in this direction.
  const far = Math.min(
    Math.abs(dx) > 1e-6 ? rx / Math.abs(dx) : Infinity,
    Math.abs(dy) > 1e-6 ? ry / Math.abs(dy) : Infinity,
  );
  const at = (along: number, across: number) =>
    `${cx + dx * along - dy * across},${cy + dy * along + dx * across}`;
  const tip = far - 6;
  if (!chosen)
    return (
      <Line
        x1={cx + dx * (far - 18)}
        y1={cy + dy * (far - 18)}
        x2={cx + dx * (far - 6)}
        y2={cy + dy * (far - 6)}
        stroke={INK}
        strokeWidth={2}
        strokeOpacity={0.55}
      />
    );
  return (
    <G>
      <Polygon
        points={`${at(24, 0)} ${at(tip, 14)} ${at(tip, -14)}`}
        fill={INK}
        stroke={CASING}
        strokeWidth={2}
      />
      <SvgText
        x={cx + dx * (tip - 12)}
        y={cy + dy * (tip - 12) + 4.5}
        textAnchor="middle"
        fontSize={13}
        fontFamily="AtkinsonHyperlegibleNext_700Bold"
        fill={CASING}
      >
        {label}
      </SvgText>
    </G>
  );
}
