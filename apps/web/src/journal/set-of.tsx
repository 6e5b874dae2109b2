import { type Piece, pieceIdOf } from '@potter/core/piece';
import { useRouter } from 'expo-router';
import { useRun } from '@/data/runs';
import { Choice } from '@/ui/choice';
import { Pick } from '@/ui/pick';

/** More than so many are no row of buttons; they are found in a list. */
const MOST = 24;

/** The pieces of a set: each has its own page, begun when it is first looked at. */
export function SetOf({ piece }: { readonly piece: Piece }) {
  const router = useRouter();
  const { run } = useRun(piece.run);
  const { of = 1, nth = 1 } = piece;
  if (!run) return null;
  const asked = {
    label: `One of a set of ${of}`,
    value: String(nth),
    options: Array.from({ length: of }, (_, i) => ({ value: String(i + 1), label: String(i + 1) })),
    onChange: (to: string) => {
      if (to !== String(nth)) router.replace(`/journal/${pieceIdOf(run.id, Number(to))}`);
    },
  };
  return of > MOST ? <Pick {...asked} /> : <Choice {...asked} />;
}
