import { mixNames, cupsToLoad, type CupToLoad, type ToWeigh } from '@potter/core/plan';
import { capital } from '@potter/core/quantity';
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import type { Batches } from '@/weigh/batches';
import { WeighAlong } from '@/weigh/weigh-along';
import { placementWords } from './placement-words';

/** The cups loaded at the table, layer by layer, on the scale or to their fill lines. */
export function LoadScreen() {
  const { id, plan, brief } = usePlan();
  const router = useRouter();
  const cups = useMemo(() => cupsToLoad(plan, brief), [plan, brief]);
  const cupOf = (batch: ToWeigh): CupToLoad | undefined => cups.find((c) => c.id === batch.id);
  const nameOf = mixNames(plan);
  const batches: Batches = {
    list: cups,
    place: `load.${id}`,
    title: plan.title,
    stepG: plan.budget.stepG,
    seed: plan.seed,
    nameOf,
    paints: new Set(),
    chipOf: (batch, line) => brief.mixes.find((m) => m.id === cupOf(batch)?.layers[line]?.mix),
    surplus: () => 'What is poured too much here is missing from its pot for what comes later.',
    rescues: false,
    scoopG: () => 1,
    vesselOf: (batch) => cupOf(batch)?.vessel,
    lineSays: (batch, line) => {
      const layer = cupOf(batch)?.layers[line];
      return layer && `${capital(placementWords(layer))}.`;
    },
    onMade: () => undefined,
  };
  return (
    <WeighAlong
      batches={batches}
      onLeave={() => router.replace(`/plans/${id}/cups`)}
      onStrip={() => router.push(`/plans/${id}/loading`)}
      doneTitle="All loaded"
      doneSays="Pour soon: heavy colours go on sinking while a cup stands."
      done={
        <Button primary label="To the pour" onPress={() => router.replace(`/plans/${id}/pour`)} />
      }
    />
  );
}
