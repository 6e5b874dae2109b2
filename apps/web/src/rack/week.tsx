import {
  allLying,
  boardsAt,
  type Entry,
  entriesOf,
  dayOf,
  startOf,
  weekOf,
} from '@potter/core/rack';
import { Link } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/button';
import { useWide } from '@/ui/use-wide';
import { Body, Small, Strong } from '@/ui/type';
import type { OnRack } from './on-rack';
import { clockAt, dayAt } from './when';

/** Seven days and what falls on each, at the earliest; one may look ahead and back. */
export function Week({ pieces, house, now }: OnRack) {
  const wide = useWide();
  const [ahead, setAhead] = useState(0);
  const today = dayOf(now);
  const first = weekOf(today) + 7 * ahead;
  const entries = entriesOf(pieces, house);
  const lies = allLying(pieces, house);
  return (
    <View className="gap-3">
      <View className="flex-row flex-wrap gap-2">
        <Button label="Week before" onPress={() => setAhead(ahead - 1)} />
        <Button label="This week" disabled={ahead === 0} onPress={() => setAhead(0)} />
        <Button label="Week after" onPress={() => setAhead(ahead + 1)} />
      </View>
      <View role="list" aria-label="Week" className={wide ? 'flex-row' : ''}>
        {Array.from({ length: 7 }, (_, i) => first + i).map((day) => {
          const here = entries.filter(({ at }) => dayOf(at) === day);
          const taken = house.boards
            ? Math.max(
                ...[startOf(day), ...here.map(({ at }) => at)].map((at) =>
                  boardsAt(lies, at, house),
                ),
              )
            : 0;
          return (
            <View
              key={day}
              role="listitem"
              className={`gap-1 border-t py-2 ${wide ? 'min-w-0 flex-1 pr-3' : ''} ${day === today ? 'border-t-4 border-t-ink' : 'border-t-rule'}`}
            >
              <Strong>
                {dayAt(startOf(day))}
                {day === today ? ', today' : ''}
              </Strong>
              {house.boards && taken > 0 ? (
                <Small>
                  {taken === Infinity ? 'more than there are' : taken} of {house.boards.count}{' '}
                  boards
                </Small>
              ) : null}
              {here.length === 0 ? <Small>Nothing</Small> : null}
              {here.map((entry) => (
                <DayEntry key={`${entry.piece.id} ${entry.says}`} entry={entry} />
              ))}
            </View>
          );
        })}
      </View>
    </View>
  );
}

const DayEntry = ({ entry: { piece, says, at, allDay } }: { readonly entry: Entry }) => (
  <Link
    href={piece.poured ? `/journal/${piece.id}` : `/plans/${piece.plan}/finish`}
    aria-label={`${says}, ${piece.title}`}
    className="flex min-h-[44px] flex-col justify-center no-underline active:bg-pressed"
  >
    <Body>
      {allDay ? '' : `${clockAt(at)} `}
      {says}
    </Body>
    <Small lines={2}>{piece.title}</Small>
  </Link>
);
