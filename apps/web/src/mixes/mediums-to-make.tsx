import { trim } from '@potter/core/quantity';
import { usePlan } from '@/plan/plan-context';
import { Small } from '@/ui/type';
import { nameIn } from '@/data/name-in';
import { WeighTable } from './weigh-table';

/** Mediums of several materials are made first, enough for every mix; what stands ready is only named. */
export function MediumsToMake() {
  const { plan, brief, studio } = usePlan();
  const nameOf = nameIn(plan);
  const toMake = new Set(brief.mediums.map((m) => m.id));
  const ready = [...new Set(brief.mixes.flatMap((m) => m.steps).map((s) => s.material))].filter(
    (id) => !toMake.has(id) && studio.ready?.[id] !== undefined,
  );
  return (
    <>
      {ready.map((id) => (
        <Small key={id} className="!text-16">
          {nameOf(id)} stands ready on the shelf, {trim(studio.ready?.[id] ?? 0, 0)} mL: it need not
          be made.
        </Small>
      ))}
      {brief.mediums.map((medium) => (
        <WeighTable
          key={medium.id}
          title={`First make ${trim(medium.g, 1)} g of ${medium.name}`}
          steps={medium.steps}
          nameOf={nameOf}
        />
      ))}
    </>
  );
}
