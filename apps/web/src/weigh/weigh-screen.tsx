import { openBook, SCOOP_ML, scoopG } from '@potter/core/material';
import { edit as edits, weighingOrder } from '@potter/core/plan';
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { useSettings } from '@/data/settings';
import { nameIn } from '@/data/name-in';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { localNow } from '@/ui/local-time';
import type { Batches } from './batches';
import { WeighAlong } from './weigh-along';

/** What a pot is for, in a sentence about how much of it there is. */
const POT_WORDS: Readonly<Record<string, string>> = {
  base: 'the base',
  colour: 'the cups',
  activator: 'the activator',
  edge: 'the edges',
  extender: 'the extender',
  keep: 'keeping',
};

/** A plan's palette weighed up, mediums first; what really went in is kept with the plan. */
export function WeighScreen() {
  const { id, plan, brief, edit } = usePlan();
  const router = useRouter();
  const { scoopMl = SCOOP_ML } = useSettings();
  const list = useMemo(() => weighingOrder(plan, brief), [plan, brief]);
  const batches: Batches = {
    list,
    place: `weigh.${id}`,
    title: plan.title,
    stepG: plan.budget.stepG,
    seed: plan.seed,
    nameOf: nameIn(plan),
    paints: new Set(plan.paints.map((p) => p.id)),
    chipOf: (batch) => brief.mixes.find((m) => m.id === batch.id),
    surplus: (batch, wholeG, say) => {
      const pots = brief.budget.pots.filter((p) => p.mix === batch.id && p.g > 0);
      const neededG = brief.mixes.find((m) => m.id === batch.id)?.g;
      if (pots.length === 0 || neededG === undefined) return undefined;
      const uses = pots.map((p) => `${say(p.g)} for ${POT_WORDS[p.use] ?? p.use}`);
      return `Its pots stay as they are, ${uses.join(', ')}; ${say(Math.max(0, wholeG - neededG))} are over, for repairs or a jar.`;
    },
    scoopG: (id) => {
      const material = openBook(plan.materials ?? [], []).material(id);
      return scoopG(material, 1, scoopMl);
    },
    onMade: (batch, weighing) => {
      if (batch.kind !== 'mix') return;
      const of = weighing.lines.map((l) => ({ material: l.material, g: l.actualG ?? 0 }));
      edit((p) => edits.setMade(p, { mix: batch.id, on: localNow(), of }));
    },
  };
  return (
    <WeighAlong
      batches={batches}
      onLeave={() => router.replace(`/plans/${id}/mixes`)}
      onStrip={() => router.push(`/plans/${id}/strip`)}
      doneSays="What really went in is kept with the plan, and a pour draws that from the shelf."
      done={
        <Button primary label="To the cups" onPress={() => router.replace(`/plans/${id}/cups`)} />
      }
    />
  );
}
