import { allLying, boardsAt, lyingAt, type Piece, type Todo, todosOf } from '@potter/core/rack';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useHouse } from '@/data/settings';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { LongList } from '@/ui/long-list';
import { Screen } from '@/ui/screen';
import { Empty, Failed, Waiting } from '@/ui/state';
import { Heading } from '@/ui/type';
import { useNow } from '@/ui/use-now';
import { VitalLine } from '@/ui/vital-line';
import { Clashes } from './clashes';
import { FindDays } from './find-days';
import { HouseSection } from './house';
import { Markets } from './markets';
import { PieceRow } from './piece-row';
import { usePieces, wallMin } from './use-pieces';
import { Week } from './week';

type View_ = 'list' | 'week';

/** Every piece on its way, planned or drying: what it may have done to it and when, what clashes, and where it lies. */
export function RackScreen() {
  const router = useRouter();
  const nowMs = useNow(60_000);
  const now = wallMin(nowMs);
  const house = useHouse();
  const { pieces, isPending, error } = usePieces(nowMs);
  const [view, setView] = useState<View_>('list');
  const todos = todosOf(pieces, house, now);
  const lies = allLying(pieces, house);
  const taken = boardsAt(lies, now, house);
  const drying = pieces.filter((p) => p.poured);
  const dated = pieces.filter((p) => !p.poured && p.pour !== undefined);
  return (
    <Screen title="Rack" acts={<Button label="Back" onPress={() => router.replace('/bench')} />}>
      <View className="gap-5">
        {error && pieces.length === 0 ? (
          <Failed what="The rack cannot be read." why={error.message} />
        ) : null}
        {isPending ? <Waiting what="Looking at the rack" /> : null}
        {!isPending && !error && pieces.length === 0 ? (
          <Empty
            says="Pieces lie here from their pour until they hang: when each may be touched, coated, hung, and which plans have to be poured by when. Give a plan a day, or the day it is promised for, at Finish."
            act="To the plans"
            onAct={() => router.push('/plans')}
          />
        ) : null}
        {pieces.length > 0 ? (
          <>
            <VitalLine
              vitals={[
                { figure: String(drying.length), unit: 'drying' },
                { figure: String(dated.length), unit: 'to pour' },
                {
                  figure: String(todos.filter(({ due }) => due === 'overdue').length),
                  unit: 'overdue',
                },
                house.boards
                  ? { figure: `${taken} of ${house.boards.count}`, unit: 'boards' }
                  : { figure: String(lyingAt(lies, now).length), unit: 'lying flat' },
              ]}
            />
            <Clashes pieces={pieces} house={house} now={now} />
            <Choice<View_>
              label="Shown as"
              value={view}
              options={[
                { value: 'list', label: 'List' },
                { value: 'week', label: 'Week' },
              ]}
              onChange={setView}
            />
            {view === 'week' ? (
              <Week pieces={pieces} house={house} now={now} />
            ) : (
              <>
                <Group title="Drying" {...{ pieces: drying, todos, house, now }} />
                <Group title="To pour" {...{ pieces: dated, todos, house, now }} />
              </>
            )}
            <FindDays pieces={pieces} house={house} now={now} />
          </>
        ) : null}
        <Markets pieces={pieces} house={house} />
        <HouseSection house={house} />
      </View>
    </Screen>
  );
}

/** Some pieces, those that want something first before the others. */
function Group({
  title,
  pieces,
  todos,
  house,
  now,
}: {
  readonly title: string;
  readonly pieces: readonly Piece[];
  readonly todos: readonly Todo[];
  readonly house: ReturnType<typeof useHouse>;
  readonly now: number;
}) {
  if (pieces.length === 0) return null;
  const turn = new Map(todos.map(({ piece }, i) => [piece.id, i]));
  const sorted = [...pieces].sort(
    (a, b) => (turn.get(a.id) ?? Infinity) - (turn.get(b.id) ?? Infinity),
  );
  return (
    <View>
      <Heading>{title}</Heading>
      <LongList
        items={sorted}
        count={sorted.length}
        className="mt-2 border-t border-rule"
        row={(piece) => (
          <PieceRow
            key={piece.id}
            piece={piece}
            todo={todos.find((t) => t.piece.id === piece.id)}
            house={house}
            now={now}
          />
        )}
      />
    </View>
  );
}
