import { edit as edits } from '@potter/core/plan';
import { shapeOf } from '@potter/core/surface';
import { type Move, wayOf } from '@potter/core/verb';
import { ScrollView, View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { Ticked } from '@/ui/ticked';
import { WayKinds } from './way-kinds';

/** Times a move is done round the middle. */
const ROUNDS = [3, 4, 5, 6, 8] as const;

interface Props {
  readonly index: number;
  readonly move: Move;
  /** A finger draws the way anew. */
  readonly draws: boolean;
  readonly onDraws: (draws: boolean) => void;
  readonly onSelect: (index: number | undefined) => void;
}

/** What is done to the selected move on the board as a whole. */
export function BoardActs({ index, move, draws, onDraws, onSelect }: Props) {
  const { plan, edit } = usePlan();
  const way = wayOf(move);
  const size = shapeOf(plan.surface.shape).bounds(plan.surface.shape);
  return (
    <View className="gap-2">
      {way ? (
        <View className="gap-2">
          <WayKinds
            path={way.path}
            size={size}
            onChange={(path) => {
              edit((p) => edits.setMove(p, index, (m) => ({ ...m, [way.name]: path }) as Move));
              onDraws(true);
            }}
          />
          <View className="flex-row">
            <Ticked label="Draw it with a finger" on={draws} onPress={() => onDraws(!draws)} />
          </View>
        </View>
      ) : null}
      <ScrollView
        horizontal
        contentContainerClassName="gap-2"
        showsHorizontalScrollIndicator={false}
      >
        <Button
          label="To the corner"
          name="Turn it to the nearest corner"
          onPress={() => edit((p) => edits.turnToCorner(p, index))}
        />
        {ROUNDS.map((n) => (
          <Button
            key={n}
            label={`${n} round`}
            name={`${n} times round the middle`}
            onPress={() => edit((p) => edits.repeatRound(p, index, n))}
          />
        ))}
        <Button
          label="Mirror"
          name="Once more on the other side"
          onPress={() => {
            edit((p) => edits.mirrorMove(p, index));
            onSelect(index + 1);
          }}
        />
        <Button
          label="Double"
          name="Once more, the same"
          onPress={() => {
            edit((p) => edits.doubleMove(p, index));
            onSelect(index + 1);
          }}
        />
        <Button
          label="Take out"
          name="Take the move out"
          onPress={() => {
            edit((p) => edits.removeMove(p, index));
            onSelect(undefined);
          }}
        />
      </ScrollView>
    </View>
  );
}
