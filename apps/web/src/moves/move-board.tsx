import { edit as edits, verbScene } from '@potter/core/plan';
import { useMemo } from 'react';
import { Board } from '@/drawing/board';
import { usePlan } from '@/plan/plan-context';

interface Props {
  readonly selected: number | undefined;
  readonly height: number;
  readonly draws: boolean;
  readonly hand?: boolean;
  readonly onSelect: (index: number | undefined) => void;
}

/** The plan's moves on the surface, to be taken hold of; what is let go of is one edit. */
export function MoveBoard({ selected, height, draws, hand = false, onSelect }: Props) {
  const { plan, edit } = usePlan();
  const scene = useMemo(() => verbScene(plan), [plan]);
  return (
    <Board
      surface={plan.surface}
      moves={plan.moves}
      scene={scene}
      selected={selected}
      height={height}
      draws={draws}
      hand={hand}
      onSelect={onSelect}
      onMoved={(move) =>
        selected === undefined ? undefined : edit((p) => edits.setMove(p, selected, () => move))
      }
      onDrawn={(line) =>
        selected === undefined
          ? undefined
          : edit((p) => edits.setMove(p, selected, (m) => edits.drawnWay(m, line)))
      }
    />
  );
}
