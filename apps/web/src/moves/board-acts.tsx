import { edit as edits, takenMl } from '@potter/core/plan';
import { shapeOf } from '@potter/core/surface';
import { isDrawn, isPuddle, type Move, wayOf } from '@potter/core/verb';
import { ScrollView, View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { NumberField } from '@/ui/quantity-field';
import { Ticked } from '@/ui/ticked';
import { Small } from '@/ui/type';
import type { Drawing } from './move-board';
import { WayKinds } from './way-kinds';

/** Times a move is done round the middle. */
const ROUNDS = [3, 4, 5, 6, 8] as const;

interface Props {
  readonly index: number;
  readonly move: Move;
  readonly drawing: Drawing | undefined;
  readonly onDrawing: (drawing: Drawing | undefined) => void;
  readonly onSelect: (index: number | undefined) => void;
}

/** What is done to the selected move on the board as a whole. */
export function BoardActs({ index, move, drawing, onDrawing, onSelect }: Props) {
  const { plan, brief, edit } = usePlan();
  const way = wayOf(move);
  const first = edits.doFirst(plan, index);
  // Of each cup, on one piece.
  const holdsMl = isPuddle(move) ? takenMl(brief, move.id) / edits.loadsOf(plan, move) : 0;
  const toggle = (what: Drawing) => onDrawing(drawing === what ? undefined : what);
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
              onDrawing('way');
            }}
          />
          <View className="flex-row">
            <Ticked
              label="Draw it with a finger"
              on={drawing === 'way'}
              onPress={() => toggle('way')}
            />
          </View>
        </View>
      ) : null}
      {!way && isDrawn(move) ? (
        <View className="flex-row flex-wrap items-center gap-3">
          <Ticked
            label="Draw it with a finger"
            on={drawing === 'way'}
            onPress={() => toggle('way')}
          />
          {drawing === 'way' ? (
            <Small className="flex-1">
              From the part of the picture it takes along to where that is to go.
            </Small>
          ) : null}
        </View>
      ) : null}
      {isPuddle(move) ? (
        <View className="flex-row flex-wrap items-center gap-3">
          <Ticked
            label="Tap puddles"
            on={drawing === 'puddles'}
            onPress={() => toggle('puddles')}
          />
          {holdsMl > 0 ? (
            <NumberField
              className="w-[140px]"
              label={move.cups.length > 1 ? 'Of each cup, mL' : 'Holds, mL'}
              value={holdsMl}
              min={0.5}
              max={5000}
              decimals={1}
              onChange={(ml) => edit((p) => edits.setMove(p, index, (m) => ({ ...m, ml }) as Move))}
            />
          ) : null}
          {drawing === 'puddles' ? (
            <Small className="w-full">
              {holdsMl > 0
                ? 'Tap where the next one goes: what these cups hold is shared over them, in that order.'
                : 'Nothing is left in its cups to be shared.'}
            </Small>
          ) : null}
        </View>
      ) : null}
      <ScrollView
        horizontal
        contentContainerClassName="gap-2"
        showsHorizontalScrollIndicator={false}
      >
        {first.index < index ? (
          <Button
            label="First"
            name="Before the others it comes in one go with"
            onPress={() => {
              edit((p) => edits.doFirst(p, index).plan);
              onSelect(first.index);
            }}
          />
        ) : null}
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
