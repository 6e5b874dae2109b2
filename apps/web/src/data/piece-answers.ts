import type { Piece } from '@potter/core/piece';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { onAnswer, onRefusal, unsentNow } from './outbox/outbox';

export const piecesKey = ['pieces'] as const;
export const pieceKey = (id: string) => ['piece', id] as const;

/** Takes over what the studio answers to changes of pieces and pours; mounted once, at the root. */
export function usePieceAnswers(): void {
  const client = useQueryClient();
  useEffect(() => {
    const readAnew = (
      letter: { readonly about: string; readonly id: string },
      answer?: unknown,
    ) => {
      if (!/^(piece|run)\./.test(letter.about)) return;
      const newer = unsentNow().some((l) => l.about === letter.about && l.id !== letter.id);
      const id = letter.about.slice('piece.'.length);
      if (letter.about.startsWith('piece.') && !newer) {
        if (answer !== undefined && (answer as Piece).id === id)
          client.setQueryData(pieceKey(id), answer as Piece);
        else void client.invalidateQueries({ queryKey: pieceKey(id) });
      }
      void client.invalidateQueries({ queryKey: piecesKey });
    };
    const ends = [onAnswer(readAnew), onRefusal(readAnew)];
    return () => ends.forEach((end) => end());
  }, [client]);
}
