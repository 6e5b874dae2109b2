import type { OrderAnswer, OrderAsk } from '@potter/core/order';
import { useQuery } from '@tanstack/react-query';
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
