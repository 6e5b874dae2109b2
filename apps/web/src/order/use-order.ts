import type { CupOrder, OrderAnswer, OrderAsk } from '@potter/core/order';
import { arrangingCups, type Brief, type Plan } from '@potter/core/plan';
import { useMutation, useQuery } from '@tanstack/react-query';
import { aside } from '@/data/aside';

/** Weighs orders in a worker. */
const weighed = (ask: OrderAsk): Promise<OrderAnswer> =>
  aside(new Worker(new URL('../workers/order.worker.ts', import.meta.url)), ask);

/** The best order for a cup; a question that was asked before is answered at once. */
export const useOrder = (ask: OrderAsk | undefined) =>
  useQuery({
    queryKey: ['order', ask],
    queryFn: () => weighed(ask!),
    enabled: ask !== undefined,
    staleTime: Infinity,
    retry: false,
  });

interface CupsAsk {
  readonly plan: Plan;
  readonly brief: Brief;
  readonly wanted: CupOrder;
}

/** Every cup of a plan in the best order for it. */
export const useArrangeCups = (onFound: (arranged: Plan, asked: Plan) => void) =>
  useMutation({
    mutationFn: async ({ plan, brief, wanted }: CupsAsk) => {
      const work = arrangingCups(plan, brief, wanted);
      let step = work.next();
      while (!step.done) {
        const answer = await weighed(step.value);
        if ('tooMany' in answer)
          throw new Error('there are too many orders to weigh: take layers out of a cup');
        step = work.next('found' in answer ? answer.found : undefined);
      }
      return step.value;
    },
    onSuccess: (arranged, { plan }) => onFound(arranged, plan),
  });
