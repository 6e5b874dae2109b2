import type { Handle } from '@potter/core/verb';
import { createElement } from 'react';
import { View } from 'react-native';
import { type BoardView, toPx } from './view';

/** A gloved fingertip: what is nearer than half of this is meant, px. */
export const TIP_PX = 48;
/** A key moves a handle so far, mm; with Shift so many times as far. */
const KEY_MM = 1;
const SHIFT_TIMES = 10;

const STEPS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-KEY_MM, 0],
  ArrowRight: [KEY_MM, 0],
  ArrowUp: [0, -KEY_MM],
  ArrowDown: [0, KEY_MM],
};

interface Props {
  readonly handles: readonly Handle[];
  readonly view: BoardView;
  /** The one that is held. */
  readonly held: string | undefined;
  readonly onStep: (id: string, toMm: readonly [number, number]) => void;
}

/** The places a move is taken hold of by: seen, reached by Tab, and moved by arrow keys as by a finger. */
export function Handles({ handles, view, held, onStep }: Props) {
  return (
    <>
      {handles.map(({ id, label, atMm }) => {
        const [x, y] = toPx(view, atMm);
        return createElement(
          'div',
          {
            key: id,
            role: 'button',
            tabIndex: 0,
            'aria-label': `${label}, ${Math.round(atMm[0])} mm from the left, ${Math.round(atMm[1])} mm from the top`,
            onKeyDown: (event: {
              key: string;
              shiftKey: boolean;
              preventDefault: () => void;
              stopPropagation: () => void;
            }) => {
              const step = STEPS[event.key];
              if (!step) return;
              event.preventDefault();
              event.stopPropagation();
              const times = event.shiftKey ? SHIFT_TIMES : 1;
              onStep(id, [atMm[0] + times * step[0], atMm[1] + times * step[1]]);
            },
            style: {
              position: 'absolute',
              left: x - TIP_PX / 2,
              top: y - TIP_PX / 2,
              width: TIP_PX,
              height: TIP_PX,
              display: 'flex',
              alignItems: 'center',
              justifyContent: 'center',
              touchAction: 'none',
              cursor: 'grab',
            },
          },
          <View
            className={`h-[20px] w-[20px] border-2 border-ink ${held === id ? 'bg-ink' : 'bg-raised'}`}
            style={{ borderRadius: 10 }}
          />,
        );
      })}
    </>
  );
}
