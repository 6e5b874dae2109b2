import type { PieceRow as Row } from '@potter/contract';
import { STATUSES } from '@potter/core/piece';
import { Link } from 'expo-router';
import { View } from 'react-native';
import { CoresThumbnail } from '@/ui/cores-thumbnail';
import { dayWords } from '@/ui/day-words';
import { localTime } from '@/ui/local-time';
import { money } from '@/ui/money';
import { Figure, Small, Strong } from '@/ui/type';
import { GradeBar } from './grade-bar';
import { Photograph } from './photograph';

const SIDE = 72;

/** A piece in the journal: as it looks, or as its cups were, what became of it, and how it came out. */
export function PieceRow({ piece }: { readonly piece: Row }) {
  const day = dayWords(localTime(piece.madeAt));
  const { title, picture, cores, nth, of, status, price, grade, note, size } = piece;
  return (
    <View role="listitem" className="border-b border-rule wide:w-[calc(50%-16px)]">
      <Link
        href={`/journal/${piece.id}`}
        aria-label={`${title}, ${day}`}
        className="flex min-h-[96px] flex-row items-center gap-3 py-3 no-underline active:bg-pressed"
      >
        <View className="items-center" style={{ width: SIDE }}>
          {picture ? (
            <Photograph id={picture} size={SIDE} />
          ) : (
            <CoresThumbnail cores={cores ?? []} height={64} />
          )}
        </View>
        <View className="min-w-0 flex-1">
          <Strong lines={2}>{title}</Strong>
          <Small lines={2}>
            {[day, size, of === undefined ? '' : `${nth ?? 1} of ${of}`].filter(Boolean).join(', ')}
          </Small>
          <Small className="!text-ink">{STATUSES[status]}</Small>
          {note ? <Small lines={2}>{note}</Small> : null}
        </View>
        <View className="items-end gap-1">
          {price === undefined ? null : <Figure figure={money(price)} />}
          {grade === undefined ? null : <GradeBar grade={grade} />}
        </View>
      </Link>
    </View>
  );
}
