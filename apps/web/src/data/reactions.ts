import type { ReactionList } from '@potter/contract';
import type { Reaction } from '@potter/core/paint';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo } from 'react';
import { call } from './api';
import { dropReactionLetter, reactionLetter } from './outbox/letters';
import { onAnswer, onRefusal, post, useUnsent } from './outbox/outbox';

const reactionsKey = ['reactions'] as const;
const NOTHING: readonly Reaction[] = [];

const isOfReactions = ({ about }: { readonly about: string }): boolean =>
  about.startsWith('reaction.');

/** Paints and makers that did not get on, the newest first; with what was noted here and is still on its way. */
export function useReactions(): readonly Reaction[] {
  const { data = NOTHING } = useQuery({
    queryKey: reactionsKey,
    queryFn: () => call<ReactionList>('/api/reactions').then((r) => r.reactions),
    staleTime: 60_000,
  });
  const unsent = useUnsent();
  return useMemo(() => {
    const mine = unsent.filter((l) => isOfReactions(l) && l.refused === undefined);
    const changed = new Set(mine.map((l) => l.about));
    return [
      ...mine.flatMap((l) => (l.method === 'PUT' ? [l.body as Reaction] : [])).reverse(),
      ...data.filter((reaction) => !changed.has(`reaction.${reaction.id}`)),
    ];
  }, [data, unsent]);
}

/** Asks for the list anew once the studio has a change of it; mounted once, at the root. */
export function useReactionAnswers(): void {
  const client = useQueryClient();
  useEffect(() => {
    const readAnew = (letter: { readonly about: string }) => {
      if (isOfReactions(letter)) void client.invalidateQueries({ queryKey: reactionsKey });
    };
    const ends = [onAnswer(readAnew), onRefusal(readAnew)];
    return () => ends.forEach((end) => end());
  }, [client]);
}

export function noteReaction(reaction: Reaction): void {
  void post(reactionLetter(reaction));
}

export function dropReaction(reaction: Reaction): void {
  void post(dropReactionLetter(reaction));
}
