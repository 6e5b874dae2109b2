import type { Corners, Place } from '@potter/core/photograph';
import { createElement, type KeyboardEvent, type PointerEvent, useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/button';
import { Body, Small } from '@/ui/type';
import { Outline } from './outline';

const NAMES = ['Upper left', 'Upper right', 'Lower right', 'Lower left'] as const;
/** A corner nobody has found yet lies so far in. */
const INSET = 0.12;
/** Where the corners stand till they are found, or moved. */
export const ANYWHERE: Corners = [
  [INSET, INSET],
  [1 - INSET, INSET],
  [1 - INSET, 1 - INSET],
  [INSET, 1 - INSET],
];

const HANDLE = 48;
/** An arrow key moves a corner by this share of the picture, with Shift ten times as far. */
const STEP = 0.001;
/** What is under the finger is shown so many times as large, in a window so wide, px. */
const MAGNIFIES = 3;
const WINDOW = 132;

interface Props {
  readonly url: string;
  readonly corners: Corners;
  /** The piece's outline between them, as closed rings. */
  readonly outline: readonly (readonly Place[])[];
  readonly onChange: (corners: Corners) => void;
  readonly says: string;
  readonly onFind: () => void;
  readonly busy: boolean;
  readonly onKeep: () => void;
  readonly onLeave: () => void;
}

/** A photograph with four corners to drag onto the piece's; what lies under the finger is shown large beside it. */
export function SquareUp({
  url,
  corners,
  outline,
  onChange,
  says,
  onFind,
  busy,
  onKeep,
  onLeave,
}: Props) {
  const [held, setHeld] = useState<number>();
  const [size, setSize] = useState({ width: 0, height: 0 });
  const move = (at: number, to: Place) =>
    onChange(corners.map((corner, i) => (i === at ? within(to) : corner)) as unknown as Corners);
  const drag = (event: PointerEvent<HTMLElement>) => {
    if (held === undefined) return;
    const box = event.currentTarget.getBoundingClientRect();
    move(held, [(event.clientX - box.left) / box.width, (event.clientY - box.top) / box.height]);
  };
  const keys = (event: KeyboardEvent, at: number) => {
    const by = KEYS[event.key];
    if (!by) return;
    event.preventDefault();
    const far = event.shiftKey ? 10 * STEP : STEP;
    const [x, y] = corners[at]!;
    move(at, [x + by[0] * far, y + by[1] * far]);
  };
  return (
    <View className="gap-3">
      {createElement(
        'div',
        {
          style: {
            position: 'relative',
            alignSelf: 'flex-start',
            touchAction: 'none',
            lineHeight: 0,
          },
          onPointerMove: drag,
          onPointerUp: () => setHeld(undefined),
          onPointerCancel: () => setHeld(undefined),
        },
        createElement('img', {
          src: url,
          alt: 'The photograph, with the corners of the piece',
          draggable: false,
          onLoad: ({ currentTarget: { width, height } }: { currentTarget: HTMLImageElement }) =>
            setSize({ width, height }),
          style: { maxWidth: '100%', maxHeight: 480, userSelect: 'none' },
        }),
        <Outline key="outline" rings={outline} />,
        ...corners.map(([x, y], i) =>
          createElement('div', {
            key: NAMES[i],
            role: 'slider',
            tabIndex: 0,
            'aria-label': `${NAMES[i]} corner`,
            'aria-valuemin': 0,
            'aria-valuemax': 100,
            'aria-valuenow': Math.round(100 * x),
            'aria-valuetext': `${Math.round(100 * x)} % across, ${Math.round(100 * y)} % down`,
            onKeyDown: (event: KeyboardEvent) => keys(event, i),
            onPointerDown: (event: PointerEvent<HTMLElement>) => {
              event.preventDefault();
              event.currentTarget.focus();
              // The finger may leave the picture on its way.
              event.currentTarget.setPointerCapture(event.pointerId);
              setHeld(i);
            },
            style: {
              position: 'absolute',
              left: `${100 * x}%`,
              top: `${100 * y}%`,
              width: HANDLE,
              height: HANDLE,
              margin: -HANDLE / 2,
              boxSizing: 'border-box',
              border: '3px solid #fff',
              outline: '2px solid #161616',
              borderRadius: HANDLE / 2,
              cursor: 'grab',
            },
          }),
        ),
        held === undefined ? null : (
          <Magnifier key="magnifier" url={url} at={corners[held]!} size={size} />
        ),
      )}
      <Body>{says}</Body>
      <View className="flex-row flex-wrap gap-2">
        <Button primary label="Keep the corners" onPress={onKeep} />
        <Button label={busy ? 'Looking' : 'Find them'} disabled={busy} onPress={onFind} />
        <Button label="Leave it" onPress={onLeave} />
      </View>
      <Small>
        Drag a corner onto the piece’s, or move it by the arrow keys. Where a piece has no corners
        they are those of the box round it: move them until its outline lies on its edge.
      </Small>
    </View>
  );
}

const KEYS: Readonly<Record<string, Place>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

const within = ([x, y]: Place): Place => [clamp(x), clamp(y)];
const clamp = (share: number): number =>
  Math.round(10_000 * Math.min(1.5, Math.max(-0.5, share))) / 10_000;

/** What lies under the finger, large, on the other side of the picture. */
function Magnifier({
  url,
  at: [x, y],
  size: { width, height },
}: {
  readonly url: string;
  readonly at: Place;
  readonly size: { readonly width: number; readonly height: number };
}) {
  return createElement(
    'div',
    {
      'aria-hidden': true,
      style: {
        position: 'absolute',
        top: 8,
        [x > 0.5 ? 'left' : 'right']: 8,
        width: WINDOW,
        height: WINDOW,
        border: '2px solid #161616',
        outline: '2px solid #fff',
        pointerEvents: 'none',
        backgroundColor: '#777',
        backgroundImage: `url("${url}")`,
        backgroundRepeat: 'no-repeat',
        backgroundSize: `${MAGNIFIES * width}px ${MAGNIFIES * height}px`,
        backgroundPosition: `${WINDOW / 2 - MAGNIFIES * x * width}px ${WINDOW / 2 - MAGNIFIES * y * height}px`,
      },
    },
    ...['left', 'top'].map((side) =>
      createElement('div', {
        key: side,
        style: {
          position: 'absolute',
          background: '#fff',
          outline: '1px solid #161616',
          ...(side === 'left'
            ? { left: WINDOW / 2 - 1, top: '25%', width: 1, height: '50%' }
            : { top: WINDOW / 2 - 1, left: '25%', height: 1, width: '50%' }),
        },
      }),
    ),
  );
}
