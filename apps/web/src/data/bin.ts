import type { Bin, BinKind } from '@potter/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from './api';
import { piecesKey } from './piece-answers';
import { plansKey } from './plans';
import { readRunsAnew } from './runs';
import { shelfKey } from './shelf';

const binKey = ['bin'] as const;

export type Binned = Bin['things'][number];

/** What was deleted in the last days, the last first. */
export const useBin = () =>
  useQuery({ queryKey: binKey, queryFn: () => call<Bin>('/api/bin').then((bin) => bin.things) });

/** Puts something back where it was, under the id it had. */
export function usePutBack() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ kind, id }: { readonly kind: BinKind; readonly id: string }) =>
      call(`/api/bin/${kind}/${encodeURIComponent(id)}/back`, { method: 'POST' }),
    onSettled: () => {
      for (const queryKey of [binKey, plansKey, shelfKey, piecesKey])
        void client.invalidateQueries({ queryKey });
      readRunsAnew();
    },
  });
}
