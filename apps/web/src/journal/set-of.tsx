import { type Piece, pieceIdOf, STATUSES } from '@potter/core/piece';
import { useRouter } from 'expo-router';
import { Text, View } from 'react-native';
import { usePieces } from '@/data/pieces';
import { useRun } from '@/data/runs';
import { Checkable } from '@/ui/checkable';
import { Pick } from '@/ui/pick';
import { Small } from '@/ui/type';
import { Photograph } from './photograph';

/** More than so many are no row to choose from; they are found in a list. */
const MOST = 24;
const SIDE = 52;

/** The pieces of a set side by side, each as it looks and what became of it: each has its own page, begun when it is first looked at. */
export function SetOf({ piece }: { readonly piece: Piece }) {
  const router = useRouter();
  const { run } = useRun(piece.run);
  const { of = 1, nth = 1 } = piece;
  const { pieces } = usePieces(piece.run === undefined ? {} : { run: piece.run });
  if (!run) return null;
  const to = (other: number) => {
    if (other !== nth) router.replace(`/journal/${pieceIdOf(run.id, other)}`);
  };
  const label = `One of a set of ${of}`;
  const places = Array.from({ length: of }, (_, i) => i + 1);
  if (of > MOST)
    return (
      <Pick
        label={label}
        value={String(nth)}
        options={places.map((place) => ({ value: String(place), label: String(place) }))}
        onChange={(place) => to(Number(place))}
      />
    );
  const said = new Map(pieces.map((row) => [row.nth ?? 1, row]));
  return (
    <View className="gap-1">
      <Small>{label}</Small>
      <View role="radiogroup" aria-label={label} className="flex-row flex-wrap gap-2">
        {places.map((place) => {
          const own = said.get(place);
          const is = place === nth;
          return (
            <Checkable
              key={place}
              role="radio"
              checked={is}
              label={own ? `${place}, ${STATUSES[own.status]}` : String(place)}
              onPress={() => to(place)}
              className={`border-b-4 pb-1 ${is ? 'border-b-ink' : 'border-b-transparent'}`}
            >
              {own?.picture ? (
                <Photograph id={own.picture} size={SIDE} />
              ) : (
                <View
                  className="items-center justify-center border border-outline"
                  style={{ width: SIDE, height: SIDE }}
                >
                  <Text className="font-bold text-24 text-ink">{place}</Text>
                </View>
              )}
              <Small>{own ? STATUSES[own.status] : ''}</Small>
            </Checkable>
          );
        })}
      </View>
    </View>
  );
}
