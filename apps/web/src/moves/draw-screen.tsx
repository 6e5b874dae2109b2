import { wetFor } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { shapeOf } from '@potter/core/surface';
import { handlesOf } from '@potter/core/verb';
import { useLocalSearchParams, useRouter } from 'expo-router';
import ArrowLeft from 'lucide-react-native/icons/arrow-left';
import Redo2 from 'lucide-react-native/icons/redo-2';
import Undo2 from 'lucide-react-native/icons/undo-2';
import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { IconButton } from '@/ui/button';
import { clock } from '@/ui/local-time';
import { Ticked } from '@/ui/ticked';
import { Small, Title } from '@/ui/type';
import { BoardActs } from './board-acts';
import { type Drawing, MoveBoard } from './move-board';
import { MoveFigures } from './move-figures';
import { MoveStrip } from './move-strip';
import { VerbChoice } from './verb-choice';

/** The surface as large as the screen lets it be: moves are drawn, held and turned on it, their list below. */
export function DrawScreen() {
  const { id, plan, brief, undo, redo, canUndo, canRedo } = usePlan();
  const router = useRouter();
  const asked = Number(useLocalSearchParams<{ move?: string }>().move ?? NaN);
  const [chosen, setChosen] = useState<number | undefined>(
    Number.isInteger(asked) ? asked : undefined,
  );
  const [adding, setAdding] = useState(false);
  const [drawing, setDrawing] = useState<Drawing>();
  const [hand, setHand] = useState(false);
  const [room, setRoom] = useState(0);
  const selected = chosen !== undefined && chosen < plan.moves.length ? chosen : undefined;
  const move = selected === undefined ? undefined : plan.moves[selected];
  const wet = wetFor(plan, brief);
  const { shape } = plan.surface;
  const face = shapeOf(shape).bounds(shape);
  // What lies nowhere on the surface, such as a rest, is in the list of the moves.
  const onSurface = brief.run.flatMap((step, i) =>
    plan.moves[i] && handlesOf(plan.moves[i], face).length > 0 ? [{ step, i }] : [],
  );
  const select = (index: number | undefined, on?: Drawing) => {
    setChosen(index);
    setDrawing(on);
  };
  return (
    <View role="main" className="flex-1 bg-surround pb-[10px]">
      <View className="flex-row items-center gap-1 px-1 pt-2">
        <IconButton
          icon={ArrowLeft}
          label="Back to the moves"
          onPress={() => router.replace(`/plans/${id}/moves`)}
        />
        <Title className="flex-1">Draw</Title>
        <Ticked label="Hand" on={hand} onPress={() => setHand(!hand)} />
        <IconButton icon={Undo2} label="Undo" onPress={undo} disabled={!canUndo} />
        <IconButton icon={Redo2} label="Redo" onPress={redo} disabled={!canRedo} />
      </View>
      <View className="min-h-[180px] flex-1" onLayout={(e) => setRoom(e.nativeEvent.layout.height)}>
        {room > 0 ? (
          <MoveBoard
            selected={selected}
            height={room}
            drawing={drawing}
            hand={hand}
            onSelect={select}
          />
        ) : null}
      </View>
      <ScrollView className="max-h-[46%] flex-none border-t border-ink">
        <View className="gap-3 p-3">
          {adding ? (
            <VerbChoice
              selected={selected}
              onAdded={(index) => {
                setAdding(false);
                setChosen(index);
                setDrawing('way');
              }}
            />
          ) : move && selected !== undefined ? (
            <>
              <MoveFigures index={selected} />
              <BoardActs
                index={selected}
                move={move}
                drawing={drawing}
                onDrawing={setDrawing}
                onSelect={select}
              />
            </>
          ) : (
            <Small>
              Touch a mark to take hold of its move. Two fingers draw the surface nearer.
              {wet
                ? ` From the first paint to the last hand on it ${clock(wet.s)} min pass: by then it is ${trim(wet.times, 1)} times as thick.`
                : ''}
            </Small>
          )}
        </View>
      </ScrollView>
      <MoveStrip
        steps={onSurface}
        selected={selected}
        adding={adding}
        onAdding={setAdding}
        onSelect={(index) => {
          setAdding(false);
          select(index);
        }}
      />
    </View>
  );
}
