import { trim } from '@potter/core/quantity';
import { usePlan } from '@/plan/plan-context';
import { materialName } from './mix-detail';
import { WeighTable } from './weigh-table';

/** Mediums of several materials are made first, enough for every mix. */
export function MediumsToMake() {
  const { plan, brief } = usePlan();
  return brief.mediums.map((medium) => (
    <WeighTable
      key={medium.id}
      title={`First make ${trim(medium.g, 1)} g of ${medium.name}`}
      steps={medium.steps}
      nameOf={(id) => materialName(id, plan.mediums ?? [])}
    />
  ));
}
