import { edit as edits } from '@potter/core/plan';
import { lastPour, localOf, plannedPiece, planOnRack, readyAt } from '@potter/core/rack';
import { useMemo } from 'react';
import { View } from 'react-native';
import { useHouse } from '@/data/settings';
import { usePlan } from '@/plan/plan-context';
import { Act } from '@/ui/button';
import { dayWords } from '@/ui/day-words';
import { localTime } from '@/ui/local-time';
import { Body } from '@/ui/type';
import { useNow } from '@/ui/use-now';

/** Backward from the day it is promised for: by when it has to be poured to be cured for sure. */
export function LastPour() {
  const { plan, edit, id } = usePlan();
  const house = useHouse();
  const now = localTime(useNow(60_000));
  const rack = useMemo(() => planOnRack(plan), [plan]);
  const piece = plannedPiece({ id, title: plan.title, ...plan.dates, rack });
  if (piece?.due === undefined) return null;
  const by = lastPour(piece, piece.due, house);
  const due = dayWords(localOf(piece.due));
  const gone = by === undefined || localOf(by) < now;
  const late = piece.pour !== undefined && readyAt(piece, piece.pour, house) > piece.due;
  return (
    <View aria-live="polite">
      <Body className={late ? 'font-bold' : ''}>
        {gone
          ? `No day is early enough any more to have it cured for sure by ${due}.`
          : late
            ? `As it is planned it is not cured for sure by ${due}: pour it by ${dayWords(localOf(by))}.`
            : `To be cured for sure by ${due}, pour it by ${dayWords(localOf(by))}.`}
      </Body>
      {!gone && (late || piece.pour === undefined) ? (
        <Act
          label={`Pour it on ${dayWords(localOf(by))}`}
          onPress={() => edit((p) => edits.setDates(p, { pour: localOf(by) }))}
        />
      ) : null}
    </View>
  );
}
