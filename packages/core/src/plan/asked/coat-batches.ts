import { batchesOf } from '../../coat';
import { verbOf } from '../../verb';
import type { Brief } from '../brief/brief';
import { verbScene } from '../brief/table';
import type { Plan } from '../document/schema';
import type { ToWeigh } from './weighing-order';

/**
 * What is mixed of two parts for a move, batch by batch: none over the largest its sheet allows, in steps of the scale. What is stirred in goes in
 * last. Empty where it is mixed of nothing.
 */
export function coatBatches(plan: Plan, { run }: Brief, id: string): ToWeigh[] {
  const move = plan.moves.find((m) => m.id === id);
  const mixed = move && verbOf(move).mixedOf?.(move, verbScene(plan));
  const takes = run.find((step) => step.move === id)?.takes ?? [];
  if (!mixed || takes.length === 0) return [];
  const { stepG } = plan.budget;
  const batches = batchesOf(mixed.sheet, takes[0]!.ml, stepG);
  const extras = takes.slice(1).filter(({ g }) => g > 0);
  return batches.map((batch, nth): ToWeigh => {
    let reads = 0;
    const line = (material: string, { g, ml }: { readonly g: number; readonly ml: number }) => {
      reads = Number((reads + g).toFixed(6));
      return { material, g, ml, scaleReadsG: reads };
    };
    const [resin, hardener] = batch;
    return {
      kind: 'coat',
      id: `${id} ${nth + 1}`,
      name: batches.length > 1 ? `Top coat, batch ${nth + 1} of ${batches.length}` : 'Top coat',
      steps: [
        line('resin', resin),
        line('hardener', hardener),
        ...extras.map(({ product, g }) => ({
          ...line(product ?? 'powder', {
            g: Math.max(0.1, Number((g / batches.length).toFixed(1))),
            ml: 0,
          }),
          powder: true as const,
        })),
      ],
    };
  });
}
