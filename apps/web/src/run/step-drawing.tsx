import type { Run } from '@potter/core/journal';
import { verbScene } from '@potter/core/plan';
import { cupsOf, handlesOf } from '@potter/core/verb';
import { useMemo, useState } from 'react';
import { Pressable } from 'react-native';
import Svg, { Circle } from 'react-native-svg';
import { Face } from '@/drawing/face';
import { HAND, Hand } from '@/drawing/hand';
import { MoveMarks } from '@/drawing/move-marks';
import { fitted, toPx } from '@/drawing/view';
import { useTokens } from '@/ui/tokens';

/** Beside the words, and once it has been pressed, px. */
const SMALL = { width: 156, height: 140 } as const;
const BESIDE_PX = 6;
const LARGE = { width: 358, height: 300 } as const;

/** Where on the surface the move on screen acts, the cup's mouth and a hand to scale; nothing where it acts nowhere in particular. */
export function StepDrawing({ run: { plan }, move }: { readonly run: Run; readonly move: string }) {
  const { quiet } = useTokens();
  const [large, setLarge] = useState(false);
  const scene = useMemo(() => verbScene(plan), [plan]);
  const at = plan.moves.findIndex((m) => m.id === move);
  const one = plan.moves[at];
  const [first] = one ? handlesOf(one, scene) : [];
  if (!one || !first) return null;
  const room = large ? LARGE : SMALL;
  const view = fitted(room, scene, BESIDE_PX);
  const [x, y] = toPx(view, first.atMm);
  const [cup] = cupsOf(one);
  return (
    <Pressable
      role="button"
      aria-label={`Where it is done, ${large ? 'smaller' : 'larger'}`}
      onPress={() => setLarge(!large)}
    >
      <Svg {...room}>
        <Face surface={plan.surface} view={view} />
        {cup === undefined ? null : (
          <Circle
            cx={x}
            cy={y}
            r={(scene.mouthMm(cup) / 2) * view.scale}
            fill="none"
            stroke={quiet}
            strokeDasharray="4 3"
          />
        )}
        <Hand
          view={view}
          at={[
            Math.min(first.atMm[0] + HAND.widthMm, scene.widthMm),
            Math.min(first.atMm[1] + HAND.heightMm, scene.heightMm),
          ]}
        />
        <MoveMarks
          moves={[one]}
          numbers={[at]}
          numbered={false}
          scene={scene}
          selected={0}
          surface={plan.surface}
          {...view}
        />
      </Svg>
    </Pressable>
  );
}
