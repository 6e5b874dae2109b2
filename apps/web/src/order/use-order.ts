import type { CupOrder, OrderAnswer, OrderAsk } from '@potter/core/order';
import type { Brief, Plan } from '@potter/core/plan';
import { useMutation, useQuery } from '@tanstack/react-query';
import { aside } from '@/data/aside';

/** The best order for a cup, weighed in a worker; a question that was asked before is answered at once. */
export const useOrder = (ask: OrderAsk | undefined) =>
  useQuery({
    queryKey: ['order', ask],
    queryFn: () =>
      aside<OrderAnswer>(new Worker(new URL('../workers/order.worker.ts', import.meta.url)), ask),
    enabled: ask !== undefined,
    staleTime: Infinity,
    retry: false,
  });

/** Every cup of a plan in the best order for it, worked out by a worker. */
export const useArrangeCups = (onFound: (arranged: Plan) => void) =>
  useMutation({
    mutationFn: (ask: { plan: Plan; brief: Brief; wanted: CupOrder }) =>
      aside<Plan>(new Worker(new URL('../workers/cups-order.worker.ts', import.meta.url)), ask),
    onSuccess: onFound,
  });
