import type { Todo } from '@potter/core/rack';
import { Link } from 'expo-router';
import { View } from 'react-native';
import { Body, Small, Strong } from '@/ui/type';
import { TodoActs } from './todo-acts';
import { dayAt, timeAt } from './when';

/** When it is due, in words: overdue ones say since when. */
export function whenWords({ due, does, from, to, piece }: Todo): string {
  if (does === 'pour' && due !== 'overdue') return timeAt(piece.pour ?? from);
  switch (due) {
    case 'overdue':
      return `since ${dayAt(to)}`;
    case 'now':
      return to === Infinity ? `from ${dayAt(from)}` : `by ${dayAt(to)}`;
    default:
      return timeAt(from);
  }
}

/** What a piece wants next, and the act for it. */
export function TodoRow({ todo }: { readonly todo: Todo }) {
  const { piece } = todo;
  return (
    <View role="listitem" className="gap-2 border-b border-rule py-3">
      <Link
        href={piece.poured ? `/journal/${piece.id}` : `/plans/${piece.plan}/finish`}
        aria-label={`${todo.says}, ${piece.title}, ${whenWords(todo)}`}
        className="flex min-h-[44px] flex-row items-center gap-3 no-underline active:bg-pressed"
      >
        <View className="min-w-0 flex-1">
          <Strong>{todo.says}</Strong>
          <Body lines={2}>
            {piece.title}
            {piece.pieces > 1 ? `, ${piece.pieces} pieces` : ''}
          </Body>
        </View>
        <Small className="!text-16 !text-ink">{whenWords(todo)}</Small>
      </Link>
      <TodoActs todo={todo} />
    </View>
  );
}
