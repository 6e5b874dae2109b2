import { datesOf, type House, lastPour, localOf, type Piece, type Todo } from '@potter/core/rack';
import { Link } from 'expo-router';
import { memo } from 'react';
import { View } from 'react-native';
import { RackBar } from '@/finish/rack-bar';
import { Body, Small, Strong } from '@/ui/type';
import { TodoActs } from './todo-acts';
import { whenWords } from './todo-row';
import { dayAt } from './when';

/**
 * A piece from wet to cured: what it wants next, its bar, and by when it has to be poured where it is promised. A list that grows draws each once.
 */
export const PieceRow = memo(function PieceRow({
  piece,
  todo,
  house,
  now,
}: {
  readonly piece: Piece;
  readonly todo: Todo | undefined;
  readonly house: House;
  readonly now: number;
}) {
  const dates = datesOf(piece, house);
  const by = piece.due === undefined ? undefined : lastPour(piece, piece.due, house);
  const cured = dates.at(-1);
  const facts = [
    piece.pieces > 1 ? `${piece.pieces} pieces` : '',
    piece.for === undefined ? '' : `for ${piece.for}`,
    piece.due === undefined ? '' : `promised for ${dayAt(piece.due)}`,
    piece.poured || by === undefined ? '' : `pour by ${dayAt(by)}`,
    cured ? `cured ${dayAt(cured.from)} to ${dayAt(cured.to)}` : '',
  ].filter((fact) => fact !== '');
  return (
    <View role="listitem" className="gap-1 border-b border-rule py-3 wide:w-[calc(50%-16px)]">
      <Link
        href={piece.poured ? `/journal/${piece.id}` : `/plans/${piece.plan}/finish`}
        aria-label={piece.title}
        className="flex min-h-[44px] flex-col gap-1 no-underline active:bg-pressed"
      >
        <View className="w-full flex-row items-baseline justify-between gap-3">
          <Strong className="flex-1" lines={2}>
            {piece.title}
          </Strong>
          {todo ? <Body>{whenWords(todo)}</Body> : null}
        </View>
        <Body>
          {todo
            ? `${todo.due === 'overdue' ? 'Overdue: ' : ''}${todo.says}`
            : piece.pour === undefined
              ? 'No day yet'
              : 'Nothing to do'}
        </Body>
        {facts.length > 0 ? <Small>{facts.join(', ')}</Small> : null}
        {dates.length > 0 ? (
          <View className="w-full">
            <RackBar
              schedule={[
                { act: 'pour', from: localOf(piece.pour!), to: localOf(piece.pour!), why: '' },
                ...dates.map(({ from, to, ...act }) => ({
                  ...act,
                  from: localOf(from),
                  to: localOf(to),
                })),
              ]}
              now={localOf(now)}
            />
          </View>
        ) : null}
      </Link>
      {todo && todo.does !== 'pour' ? <TodoActs todo={todo} /> : null}
    </View>
  );
});
