import type { PrintAsk, PrintTold } from '@potter/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from './api';

const keyOf = (plan: string) => ['print', plan] as const;
const urlOf = (plan: string): string => `/api/plans/${encodeURIComponent(plan)}/print`;

/** How often one under way is asked after, ms. */
const ASKED_MS = 1000;

const underWay = (told: PrintTold | undefined): boolean =>
  told?.state === 'waiting' || told?.state === 'computing';

/** How far the print of a plan is. The studio goes on with it whoever looks. */
export const usePrint = (plan: string) =>
  useQuery({
    queryKey: keyOf(plan),
    queryFn: () => call<PrintTold>(urlOf(plan)),
    staleTime: 0,
    refetchInterval: ({ state }) => (underWay(state.data) ? ASKED_MS : false),
  });

/** Has the studio make one, in place of what it made of this plan before. */
export function useMakePrint(plan: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (ask: PrintAsk) => call<PrintTold>(urlOf(plan), { method: 'POST', body: ask }),
    onSuccess: (told) => client.setQueryData(keyOf(plan), told),
  });
}

export function useDropPrint(plan: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: () => call<PrintTold>(urlOf(plan), { method: 'DELETE' }),
    onSuccess: (told) => client.setQueryData(keyOf(plan), told),
  });
}

/** Where a finished one lies; an address the browser downloads from, however large it is. */
export const printUrl = (plan: string): string => `${urlOf(plan)}/picture`;
