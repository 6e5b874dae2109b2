import type { CupOrder } from '@potter/core/order';
import { arrangeCups, type Brief, type Plan } from '@potter/core/plan';
import { expose } from 'comlink';

expose(({ plan, brief, wanted }: { plan: Plan; brief: Brief; wanted: CupOrder }) =>
  arrangeCups(plan, brief, wanted),
);
