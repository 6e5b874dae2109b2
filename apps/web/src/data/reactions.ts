import type { ReactionList } from '@potter/contract';
import type { Reaction } from '@potter/core/paint';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from './api';

const reactionsKey = ['reactions'] as const;
const NOTHING: readonly Reaction[] = [];

/** Paints and makers that did not get on, the newest first. */
export const useReactions = (): readonly Reaction[] =>
  useQuery({
    queryKey: reactionsKey,
    queryFn: () => call<ReactionList>('/api/reactions').then((r) => r.reactions),
    staleTime: 60_000,
  }).data ?? NOTHING;

export function useNoteReaction() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (reaction: Reaction) =>
      call<Reaction>(`/api/reactions/${reaction.id}`, { method: 'PUT', body: reaction }),
    onSuccess: () => client.invalidateQueries({ queryKey: reactionsKey }),
  });
}

export function useDropReaction() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (reaction: Reaction) => call(`/api/reactions/${reaction.id}`, { method: 'DELETE' }),
    onSuccess: () => client.invalidateQueries({ queryKey: reactionsKey }),
  });
}
