import { edit as edits, takenMl, verbScene } from '@potter/core/plan';
import { isDrawn, isPuddle } from '@potter/core/verb';
import { useMemo } from 'react';
import { Board } from '@/drawing/board';
import { usePlan } from '@/plan/plan-context';

/** A finger draws the selected move's way anew, or taps puddles. */
export type Drawing = 'way' | 'puddles';

interface Props {
  readonly selected: number | undefined;
  readonly height: number;
  /** What a finger does where nothing lies. */
  readonly drawing: Drawing | undefined;
  readonly hand?: boolean;
  /** `on`: what the finger goes on doing with it. */
  readonly onSelect: (index: number | undefined, on?: Drawing) => void;
}

/** The plan's moves on the surface, to be taken hold of; what is let go of is one edit. */
export function MoveBoard({ selected, height, drawing, hand = false, onSelect }: Props) {
  const { plan, brief, edit } = usePlan();
  const scene = useMemo(() => verbScene(plan), [plan]);
  const move = selected === undefined ? undefined : plan.moves[selected];
  return (
    <Board
      surface={plan.surface}
      moves={plan.moves}
      scene={scene}
      selected={selected}
      height={height}
      draws={drawing === 'way' && move !== undefined && isDrawn(move)}
      hand={hand}
      onSelect={onSelect}
      onMoved={(move) =>
        selected === undefined ? undefined : edit((p) => edits.setMove(p, selected, () => move))
      }
      onPlace={
        drawing === 'puddles' && selected !== undefined && move && isPuddle(move)
          ? (at) => {
              const more = edits.addPuddle(plan, selected, at, ({ id }) => takenMl(brief, id));
              if (more === plan) return;
              edit(() => more);
              onSelect(selected + 1, 'puddles');
            }
          : undefined
      }
      onDrawn={(line) =>
        selected === undefined ? undefined : edit((p) => edits.drawnMove(p, selected, line))
      }
    />
  );
}
