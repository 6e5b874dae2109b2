import { type Magnet, magnetsOf, shapeOf, snap, type Surface } from '@potter/core/surface';
import { handlesOf, heldTo, type Move, type Scene } from '@potter/core/verb';
import { useGesture } from '@use-gesture/react';
import { createElement, memo, useMemo, useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Polyline } from 'react-native-svg';
import { Face } from './face';
import { Hand } from './hand';
import { Handles, TIP_PX } from './handles';
import { Magnifier } from './magnifier';
import { MoveMarks } from './move-marks';
import { type BoardView, fitted, panned, toMm, toPx, zoomed } from './view';

/** Nearer than this a place is drawn to a magnet, px. */
const SNAP_PX = 9;
/** A line shorter than this was a slip of the finger, px. */
const LEAST_LINE_PX = 14;
const INK = '#161616';
const CASING = '#ffffff';

type Px = [number, number];

interface Props {
  readonly surface: Surface;
  readonly moves: readonly Move[];
  readonly scene: Scene;
  readonly selected: number | undefined;
  readonly height: number;
  /** A finger that touches no handle draws the selected move's way anew; else it pushes the board along. */
  readonly draws: boolean;
  /** A hand beside it, to judge sizes by. */
  readonly hand?: boolean;
  readonly onSelect: (index: number | undefined) => void;
  /** The selected move as it was let go. */
  readonly onMoved: (move: Move) => void;
  /** A line a finger drew for the selected move, mm. */
  readonly onDrawn: (line: readonly Px[]) => void;
  /** A place that was tapped where nothing lies, mm, while places are tapped; else a tap there lets go of the move. */
  readonly onPlace?: ((at: Px) => void) | undefined;
}

/** What a finger is doing. */
type Doing =
  | {
      readonly with: 'handle';
      readonly id: string;
      readonly move: Move;
      readonly to: readonly Magnet[];
      readonly at: Px;
    }
  | { readonly with: 'line'; readonly line: readonly Px[] };

/** What a finger has taken hold of, from where it came down on. */
type Grip =
  | { readonly on: 'board' }
  | { readonly on: 'line'; readonly line: readonly Px[] }
  | { readonly on: 'handle'; readonly id: string; readonly off: Px };

/**
 * The surface to work on: marks of all moves, the selected one with handles to take hold of, a finger's line as it goes. Nothing is changed until
 * the finger lets go; two fingers draw the board out and push it along.
 */
export function Board({
  surface,
  moves,
  scene,
  selected,
  height,
  draws,
  hand = false,
  onSelect,
  onMoved,
  onDrawn,
  onPlace,
}: Props) {
  const face = useMemo(() => shapeOf(surface.shape).bounds(surface.shape), [surface.shape]);
  const [box, setBox] = useState<HTMLDivElement | null>(null);
  const [width, setWidth] = useState(0);
  const whole = useMemo(() => fitted({ width, height }, face), [width, height, face]);
  const [zoom, setZoom] = useState<BoardView>();
  const view = zoom ?? whole;
  const [doing, setDoing] = useState<Doing>();
  const move = selected === undefined ? undefined : moves[selected];
  const shown = doing?.with === 'handle' ? doing.move : move;
  const handles = shown ? handlesOf(shown, face) : [];
  const magnets = useMemo(
    () => [
      ...magnetsOf(face, shapeOf(surface.shape).reaches(surface.shape)),
      ...moves.flatMap((other, i): Magnet[] =>
        i === selected
          ? []
          : handlesOf(other, face)
              .slice(0, 1)
              .map(({ atMm }) => ({ name: `move ${i + 1}`, atMm })),
      ),
    ],
    [face, surface.shape, moves, selected],
  );
  const placeOf = ([x, y]: readonly [number, number]): Px => {
    const { left, top } = box!.getBoundingClientRect();
    return [x - left, y - top];
  };
  /** The handle under a finger. */
  const under = (at: Px) => {
    const off = (mm: readonly [number, number]) => {
      const [x, y] = toPx(view, mm);
      return Math.hypot(x - at[0], y - at[1]);
    };
    // Of handles over each other the last: tips and rims lie on top of where they begin.
    return [...handles]
      .reverse()
      .filter((h) => off(h.atMm) <= TIP_PX / 2)
      .sort((a, b) => off(a.atMm) - off(b.atMm))[0];
  };
  /** The move whose mark is nearest to a tap. */
  const nearest = (at: Px): number | undefined => {
    const near = moves.flatMap((m, i) =>
      handlesOf(m, face).map(({ atMm }) => {
        const [x, y] = toPx(view, atMm);
        return { i, off: Math.hypot(x - at[0], y - at[1]) };
      }),
    );
    const [best] = near.filter(({ off }) => off <= TIP_PX / 2).sort((a, b) => a.off - b.off);
    return best?.i;
  };
  /** What a finger that comes down at a place takes hold of; a handle keeps its distance from the fingertip. */
  const gripAt = (at: Px): Grip => {
    const handle = move && under(at);
    if (!handle) return draws && move ? { on: 'line', line: [toMm(view, at)] } : { on: 'board' };
    const [x, y] = toPx(view, handle.atMm);
    return { on: 'handle', id: handle.id, off: [x - at[0], y - at[1]] };
  };
  const held = (id: string, at: Px, free: boolean): Doing & { readonly with: 'handle' } => {
    const spot = toMm(view, at);
    const { atMm, to } = free ? { atMm: spot, to: [] } : snap(spot, magnets, SNAP_PX / view.scale);
    return { with: 'handle', id, move: heldTo(move!, id, atMm, face), to, at };
  };
  useGesture(
    {
      onDrag: ({
        xy,
        initial,
        first,
        last,
        tap,
        touches,
        delta,
        memo,
        event,
        canceled,
        pinching,
        cancel,
      }) => {
        if (pinching) {
          setDoing(undefined);
          cancel();
          return undefined;
        }
        const at = placeOf(xy);
        if (tap) {
          setDoing(undefined);
          if (under(at)) return undefined;
          const near = nearest(at);
          if (near === undefined && onPlace) onPlace(rounded(toMm(view, at)));
          else onSelect(near);
          return undefined;
        }
        // Where the finger came down: what it moved before it was a drag is left out of its steps.
        const grip = first ? gripAt(placeOf(initial)) : (memo as Grip);
        if (canceled) setDoing(undefined);
        else if (grip.on === 'board') setZoom(panned(view, whole, delta));
        else if (grip.on === 'line') {
          // Kept with the finger, not with what is drawn: between two frames it may have gone on twice.
          const line = [...grip.line, toMm(view, at)];
          setDoing(last ? undefined : { with: 'line', line });
          if (last && lengthOf(line) * view.scale > LEAST_LINE_PX) onDrawn(line);
          return { on: 'line', line };
        } else {
          const free = touches > 1 || ('altKey' in event && event.altKey);
          const now = held(grip.id, [at[0] + grip.off[0], at[1] + grip.off[1]], free);
          setDoing(last ? undefined : now);
          if (last) onMoved(now.move);
        }
        return grip;
      },
      onPinch: ({ origin, memo, first, da: [away] }) => {
        const at = placeOf(origin as Px);
        const before = first ? undefined : (memo as { at: Px; away: number });
        const by = before ? away / before.away : 1;
        const moved: Px = before ? [at[0] - before.at[0], at[1] - before.at[1]] : [0, 0];
        setZoom((now = whole) => {
          const next = zoomed(now, whole, by, at);
          return next === whole ? undefined : panned(next, whole, moved);
        });
        return { at, away };
      },
      onWheel: ({ event, delta: [, down] }) => {
        // A wheel alone scrolls what the board stands in.
        if (!event.ctrlKey) return;
        event.preventDefault();
        const at = placeOf([event.clientX, event.clientY]);
        setZoom((now = whole) => zoomed(now, whole, Math.exp(-down / 300), at));
      },
    },
    {
      target: useMemo(() => ({ current: box }), [box]),
      eventOptions: { passive: false },
      drag: { filterTaps: true, tapsThreshold: 6, pointer: { capture: true } },
    },
  );
  /** All that lies on the board; under the magnifier without the numbers, which would cover what is looked at. */
  const scenery = (numbered: boolean) => (
    <>
      <Face surface={surface} view={view} />
      {hand ? <Hand view={view} at={[face.widthMm, face.heightMm]} /> : null}
      <Others
        moves={moves}
        scene={scene}
        surface={surface}
        hidden={shown ? selected : undefined}
        numbered={numbered}
        view={view}
      />
      {shown ? (
        <MoveMarks
          moves={[shown]}
          numbers={[selected!]}
          numbered={numbered}
          scene={scene}
          selected={0}
          surface={surface}
          {...view}
        />
      ) : null}
      {doing?.with === 'handle' ? (
        <Guides to={doing.to} view={view} width={width} height={height} />
      ) : null}
      {doing?.with === 'line' ? (
        <Polyline
          points={doing.line.map((p) => toPx(view, p).join()).join(' ')}
          fill="none"
          stroke={INK}
          strokeWidth={3}
        />
      ) : null}
    </>
  );
  return createElement(
    'div',
    {
      ref: setBox,
      role: 'group',
      'aria-label': 'The surface to draw on',
      style: { position: 'relative', height, touchAction: 'none', overflow: 'hidden' },
    },
    <View style={{ height }} onLayout={(e) => setWidth(e.nativeEvent.layout.width)}>
      {width > 0 ? (
        <Svg width={width} height={height}>
          {scenery(true)}
        </Svg>
      ) : null}
    </View>,
    width > 0 && move ? (
      <Handles
        key="handles"
        handles={handles}
        view={view}
        held={doing?.with === 'handle' ? doing.id : undefined}
        onStep={(id, to) => onMoved(heldTo(move, id, to, face))}
      />
    ) : null,
    doing?.with === 'handle' ? (
      <Magnifier key="magnifier" at={doing.at} width={width}>
        {scenery(false)}
      </Magnifier>
    ) : null,
  );
}

/** To a tenth of a mm. */
const rounded = ([x, y]: readonly [number, number]): Px => [
  Math.round(10 * x) / 10,
  Math.round(10 * y) / 10,
];

const lengthOf = (line: readonly Px[]): number =>
  line.slice(1).reduce((sum, [x, y], i) => sum + Math.hypot(x - line[i]![0], y - line[i]![1]), 0);

interface OthersProps {
  readonly moves: readonly Move[];
  readonly scene: Scene;
  readonly surface: Surface;
  readonly hidden: number | undefined;
  readonly numbered: boolean;
  readonly view: BoardView;
}

/** The marks of all other moves: they are not drawn anew while a finger moves. */
const Others = memo(function Others({
  moves,
  scene,
  surface,
  hidden,
  numbered,
  view,
}: OthersProps) {
  return (
    <MoveMarks
      moves={moves}
      scene={scene}
      selected={undefined}
      hidden={hidden}
      numbered={numbered}
      surface={surface}
      {...view}
    />
  );
});

/** What a place is drawn to: a line all across, or a ring round another place. */
function Guides({
  to,
  view,
  width,
  height,
}: {
  readonly to: readonly Magnet[];
  readonly view: BoardView;
  readonly width: number;
  readonly height: number;
}) {
  return (
    <G>
      {to.map((magnet, i) => {
        if ('atMm' in magnet) {
          const [cx, cy] = toPx(view, magnet.atMm);
          return (
            <G key={i}>
              <Circle cx={cx} cy={cy} r={16} fill="none" stroke={CASING} strokeWidth={4} />
              <Circle cx={cx} cy={cy} r={16} fill="none" stroke={INK} strokeWidth={1.5} />
            </G>
          );
        }
        const [x, y] = toPx(view, ['x' in magnet ? magnet.x : 0, 'y' in magnet ? magnet.y : 0]);
        const ends =
          'x' in magnet ? { x1: x, x2: x, y1: 0, y2: height } : { x1: 0, x2: width, y1: y, y2: y };
        return <Line key={i} {...ends} stroke={INK} strokeWidth={1} strokeDasharray="6 5" />;
      })}
    </G>
  );
}
