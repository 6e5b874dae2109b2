import { shapeOf, type Surface } from '@potter/core/surface';
import { type Mark, markOf, type Move, type Scene, type Stroke, verbOf } from '@potter/core/verb';
import { Circle, G, Polygon, Polyline, Text as SvgText } from 'react-native-svg';
import { apart } from './labels';
import { type BoardView, toPx } from './view';

interface Props extends BoardView {
  readonly moves: readonly Move[];
  readonly scene: Scene;
  readonly selected: number | undefined;
  readonly surface: Surface;
  /** Not drawn, for it is drawn elsewhere. */
  readonly hidden?: number | undefined;
  /** What each move is called by, where that is not its place in the list, from 0. */
  readonly numbers?: readonly number[];
  readonly numbered?: boolean;
}

const INK = '#161616';
const CASING = '#ffffff';
const RADIUS = 11;
const HEAD = 9;

/** Where each move acts on the surface, as its verb marks it. Ink with a white casing, to be seen on any ground. */
export function MoveMarks({
  moves,
  scene,
  selected,
  surface,
  hidden,
  numbers,
  numbered = true,
  ...view
}: Props) {
  const shape = shapeOf(surface.shape);
  const face = { ...shape.bounds(surface.shape), rings: shape.rings(surface.shape) };
  const px = (mm: readonly [number, number]) => toPx(view, mm);
  const drawn = moves.flatMap((move, i) =>
    i === hidden
      ? []
      : (verbOf(move).marks?.(move, scene) ?? []).map((mark: Mark, k) => {
          const chosen = i === selected;
          const drawing = markOf(mark);
          const strokes = chosen ? drawing.strokes(mark, face) : drawing.hint(mark, face);
          const at = chosen || drawing.numbered ? drawing.at(mark, face) : undefined;
          return {
            key: `${move.id} ${k}`,
            chosen,
            strokes,
            label: String((numbers?.[i] ?? i) + 1),
            bare: strokes.some((s) => s.filled),
            at: at && px(at),
          };
        }),
  );
  const spots = apart(drawn.map(({ at, bare }) => (bare ? undefined : at)));
  return (
    <G>
      {drawn.map(({ key, chosen, strokes }) =>
        strokes.map((stroke, n) => (
          <Line key={`${key} ${n}`} stroke={stroke} chosen={chosen} px={px} />
        )),
      )}
      {drawn.map(({ key, at, bare, label, chosen }, i) =>
        at && numbered ? (
          <Number key={key} of={at} at={spots[i] ?? at} label={label} chosen={chosen} bare={bare} />
        ) : null,
      )}
    </G>
  );
}

function Line({
  stroke: { points, closed, filled, arrow },
  chosen,
  px,
}: {
  readonly stroke: Stroke;
  readonly chosen: boolean;
  readonly px: (mm: readonly [number, number]) => [number, number];
}) {
  const line = points.map(px);
  const text = line.map(([x, y]) => `${x},${y}`).join(' ');
  if (filled) return <Polygon points={text} fill={INK} stroke={CASING} strokeWidth={2} />;
  const Shape = closed ? Polygon : Polyline;
  const [from, to] = [line.at(-2), line.at(-1)];
  return (
    <G opacity={chosen ? 1 : 0.55}>
      <Shape points={text} fill="none" stroke={CASING} strokeWidth={chosen ? 5 : 0} />
      <Shape points={text} fill="none" stroke={INK} strokeWidth={2} />
      {arrow && from && to ? (
        <Polygon points={headOf(from, to)} fill={INK} stroke={CASING} strokeWidth={1} />
      ) : null}
    </G>
  );
}

/** The head of an arrow that ends at a place. */
function headOf([x0, y0]: [number, number], [x, y]: [number, number]): string {
  const long = Math.hypot(x - x0, y - y0) || 1;
  const [ux, uy] = [(x - x0) / long, (y - y0) / long];
  const back = (side: number) =>
    `${x - ux * HEAD - (uy * side * HEAD) / 2},${y - uy * HEAD + (ux * side * HEAD) / 2}`;
  return `${x},${y} ${back(1)} ${back(-1)}`;
}

function Number({
  of: [px, py],
  at: [x, y],
  label,
  chosen,
  bare,
}: {
  /** What it numbers. */
  readonly of: readonly [number, number];
  readonly at: readonly [number, number];
  readonly label: string;
  readonly chosen: boolean;
  /** It stands on ink already. */
  readonly bare: boolean;
}) {
  return (
    <G>
      {bare ? null : (
        <>
          {x === px && y === py ? null : (
            <Polyline points={`${px},${py} ${x},${y}`} stroke={INK} strokeWidth={1} />
          )}
          <Circle cx={x} cy={y} r={RADIUS + 1.5} fill={CASING} />
          <Circle
            cx={x}
            cy={y}
            r={RADIUS}
            fill={chosen ? INK : CASING}
            stroke={INK}
            strokeWidth={2}
          />
        </>
      )}
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
