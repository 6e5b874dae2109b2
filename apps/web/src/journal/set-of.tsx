import { type Piece, pieceIdOf } from '@potter/core/piece';
import { useRouter } from 'expo-router';
import { useRun } from '@/data/runs';
import { Choice } from '@/ui/choice';

/** More than so many are no row of buttons; they go by a field. */
const MOST = 24;

/** The pieces of a set: each has its own page, begun when it is first looked at. */
export function SetOf({ piece }: { readonly piece: Piece }) {
  const router = useRouter();
  const { run } = useRun(piece.run);
  const { of = 1, nth = 1 } = piece;
  if (!run) return null;
  return (
    <Choice
      label={`One of a set of ${of}`}
      value={String(nth)}
      options={Array.from({ length: Math.min(of, MOST) }, (_, i) => ({
        value: String(i + 1),
        label: String(i + 1),
      }))}
      onChange={(to) => {
        const other = Number(to);
        if (other === nth) return;
        router.replace(`/journal/${pieceIdOf(run.id, other)}`);
      }}
    />
  );
}
