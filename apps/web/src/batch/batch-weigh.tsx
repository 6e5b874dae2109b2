import { openBook, SCOOP_ML, scoopG } from '@potter/core/material';
import { edit as edits, type ToWeigh } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { type BatchLine, sharedOut } from '@potter/core/stock';
import type { MediumToMake } from '@potter/core/mix';
import type { OpenPlan } from '@/data/open-plans';
import { useSettings } from '@/data/settings';
import { Button } from '@/ui/button';
import { localNow } from '@/ui/local-time';
import type { Batches } from '@/weigh/batches';
import { WeighAlong } from '@/weigh/weigh-along';

interface Props {
  readonly plans: readonly OpenPlan[];
  readonly lines: readonly BatchLine[];
  readonly mediums: readonly MediumToMake[];
  readonly nameOf: (id: string) => string;
  readonly onLeave: () => void;
}

/** The mixes of several plans weighed up as one palette; each plan keeps its share of what really went in. */
export function BatchWeigh({ plans, lines, mediums, nameOf, onLeave }: Props) {
  const { scoopMl = SCOOP_ML } = useSettings();
  const materials = plans.flatMap((p) => p.plan.materials ?? []);
  const list: ToWeigh[] = [
    ...mediums.map(({ id, name, steps }): ToWeigh => ({ kind: 'medium', id, name, steps })),
    ...lines.map((line): ToWeigh => ({
      kind: 'mix',
      id: line.to.map((t) => `${t.plan} ${t.mix}`).join(),
      name: line.name,
      steps: line.steps,
    })),
  ];
  const lineOf = (batch: ToWeigh) =>
    batch.kind === 'mix' ? lines[list.indexOf(batch) - mediums.length] : undefined;
  const batches: Batches = {
    list,
    place: `batch.${plans.map((p) => p.id).join()}`,
    title: plans.map((p) => p.title).join(', '),
    stepG: Math.min(...plans.map((p) => p.plan.budget.stepG)),
    seed: 1,
    nameOf,
    paints: new Set(plans.flatMap((p) => p.plan.paints.map((x) => x.id))),
    chipOf: (batch) => {
      const [to] = lineOf(batch)?.to ?? [];
      return plans.find((p) => p.id === to?.plan)?.brief.mixes.find((m) => m.id === to?.mix);
    },
    surplus: (batch, wholeG, say) => {
      const line = lineOf(batch);
      return line && `Each plan keeps its share; ${say(Math.max(0, wholeG - line.g))} are over.`;
    },
    scoopG: (id) => scoopG(openBook(materials, []).material(id), 1, scoopMl),
    onMade: (batch, weighing) => {
      const line = lineOf(batch);
      if (!line) return;
      const of = weighing.lines.map((l) => ({ material: l.material, g: l.actualG ?? 0 }));
      const on = localNow();
      for (const share of sharedOut(line, of))
        plans
          .find((p) => p.id === share.plan)
          ?.edit((p) => edits.setMade(p, { mix: share.mix, on, of: share.of }));
    },
  };
  return (
    <WeighAlong
      batches={batches}
      onLeave={onLeave}
      doneSays={`Each of the ${trim(plans.length, 0)} plans keeps its share of what really went in.`}
      done={<Button primary label="Back to the shares" onPress={onLeave} />}
    />
  );
}
