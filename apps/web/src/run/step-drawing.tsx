import { addedAt, type Run } from '@potter/core/journal';
import { verbScene } from '@potter/core/plan';
import { cupsOf, handlesOf } from '@potter/core/verb';
import { useMemo } from 'react';
import { Pressable, View } from 'react-native';
import Svg, { Circle } from 'react-native-svg';
import { Face } from '@/drawing/face';
import { HAND, Hand } from '@/drawing/hand';
import { MoveMarks } from '@/drawing/move-marks';
import { fitted, toPx } from '@/drawing/view';
import { useKeyPictures } from '@/picture/use-key-pictures';
import { useTokens } from '@/ui/tokens';
import { Small } from '@/ui/type';
import { useWide } from '@/ui/use-wide';
import { OnFace } from './on-piece';

const BESIDE_PX = 6;

/** How it is shown: beside the words; alone, as it should look now; alone, as it should look once the move is done. */
const SHOWN = {
  small: { room: { width: 156, height: 140 }, says: 'Now', press: 'larger' },
  now: {
    room: { width: 358, height: 268 },
    says: 'As it should look now',
    press: 'how it looks once this is done',
  },
  then: {
    room: { width: 358, height: 268 },
    says: 'Once this is done',
    press: 'back to the words',
  },
} as const;

/** The piece as it should look by now, with where the move on screen acts, the cup's mouth and a hand to scale; or as it should look after it. */
export function StepDrawing({
  run,
  at,
  shown,
  onPress,
}: {
  readonly run: Run;
  readonly at: number;
  readonly shown: keyof typeof SHOWN;
  readonly onPress: () => void;
}) {
  const { plan, moves } = run;
  const { quiet } = useTokens();
  const wide = useWide();
  const keys = useKeyPictures(plan, addedAt(run));
  const scene = useMemo(() => verbScene(plan), [plan]);
  const move = plan.moves.find((m) => m.id === moves[at]?.move);
  if (!move) return null;
  const { room: onPhone, says, press } = SHOWN[shown];
  const by = wide ? 2 : 1;
  const room = { width: by * onPhone.width, height: by * onPhone.height };
  const done = shown === 'then';
  const view = fitted(room, scene, BESIDE_PX);
  // After the last move of a stage it is as the next one finds it.
  const after = moves[at + 1]?.move ?? plan.moves[plan.moves.indexOf(move) + 1]?.id;
  const picture = done
    ? after === undefined
      ? keys.after
      : keys.before(after)
    : keys.before(move.id);
  const [first] = handlesOf(move, scene);
  const [cup] = cupsOf(move);
  const mouth = first && toPx(view, first.atMm);
  return (
    <Pressable
      role="button"
      aria-label={`${says}; press for ${press}`}
      onPress={onPress}
      className="items-center"
    >
      <View style={room}>
        <Svg {...room}>
          <Face surface={plan.surface} view={view} />
        </Svg>
        {picture === undefined ? null : <OnFace view={view} {...scene} {...picture} />}
        {done ? null : (
          <View className="absolute left-0 top-0">
            <Svg {...room}>
              {cup === undefined || !mouth ? null : (
                <Circle
                  cx={mouth[0]}
                  cy={mouth[1]}
                  r={(scene.mouthMm(cup) / 2) * view.scale}
                  fill="none"
                  stroke={quiet}
                  strokeDasharray="4 3"
                />
              )}
              {first ? (
                <Hand
                  view={view}
                  at={[
                    Math.min(first.atMm[0] + HAND.widthMm, scene.widthMm),
                    Math.min(first.atMm[1] + HAND.heightMm, scene.heightMm),
                  ]}
                />
              ) : null}
              <MoveMarks
                moves={[move]}
                numbered={false}
                scene={scene}
                selected={0}
                surface={plan.surface}
                {...view}
              />
            </Svg>
          </View>
        )}
      </View>
      <Small>
        {picture !== undefined
          ? says
          : keys.state === 'computing'
            ? 'picture is being computed'
            : 'where it is done'}
      </Small>
    </Pressable>
  );
}
