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

/** Of the others of a set so many are shown, so large, px. */
const MOST_BESIDE = 5;
const BESIDE = 36;

/**
 * A piece in the journal: as it looks, or as its cups were, what became of it, and how it came out. Of a set those that something was said of stand in one
 * row, under the first of them.
 */
export function PieceRow({ set }: { readonly set: readonly [Row, ...Row[]] }) {
  const [piece] = set;
  const day = dayWords(localTime(piece.madeAt));
  const { title, cores, price, grade, note, size } = piece;
  const pictures = set.flatMap(({ picture }) => picture ?? []);
  return (
    <View role="listitem" className="border-b border-rule wide:w-[calc(50%-16px)]">
      <Link
        href={`/journal/${piece.id}`}
        aria-label={`${title}, ${day}`}
        className="flex min-h-[96px] flex-row items-center gap-3 py-3 no-underline active:bg-pressed"
      >
        <View className="items-center" style={{ width: SIDE }}>
          {pictures[0] ? (
            <Photograph id={pictures[0]} size={SIDE} />
          ) : (
            <CoresThumbnail cores={cores ?? []} height={64} />
          )}
        </View>
        <View className="min-w-0 flex-1">
          <Strong lines={2}>{title}</Strong>
          <Small lines={2}>{[day, size, whichOf(set)].filter(Boolean).join(', ')}</Small>
          <Small className="!text-ink">{becameOf(set)}</Small>
          {note ? <Small lines={2}>{note}</Small> : null}
          {pictures.length > 1 ? (
            <View className="flex-row gap-1 pt-1">
              {pictures.slice(1, 1 + MOST_BESIDE).map((picture) => (
                <Photograph key={picture} id={picture} size={BESIDE} />
              ))}
            </View>
          ) : null}
        </View>
        <View className="items-end gap-1">
          {price === undefined ? null : <Figure figure={money(price)} />}
          {grade === undefined ? null : <GradeBar grade={grade} />}
        </View>
      </Link>
    </View>
  );
}

/** What became of a piece, or of how many of a set: "2 sold, 1 for sale, 3 more". */
function becameOf(set: readonly [Row, ...Row[]]): string {
  const [{ status, of = 1 }] = set;
  if (set.length === 1) return STATUSES[status];
  const counts = new Map<Row['status'], number>();
  for (const one of set) counts.set(one.status, (counts.get(one.status) ?? 0) + 1);
  const more = of - set.length;
  return [
    ...[...counts].map(([own, count]) => `${count} ${STATUSES[own].toLowerCase()}`),
    ...(more > 0 ? [`${more} more`] : []),
  ].join(', ');
}

/** Which of a set is meant: all of it by its first, else the one. */
function whichOf(set: readonly [Row, ...Row[]]): string {
  const [{ nth = 1, of }] = set;
  if (of === undefined) return '';
  return set.length > 1 || nth === 1 ? `a set of ${of}` : `${nth} of ${of}`;
}
