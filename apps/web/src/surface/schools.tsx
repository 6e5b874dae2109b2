import { runOffWords, SCHOOLS, type SchoolId } from '@potter/core/budget';
import { compareSchools, edit as edits } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { useMemo } from 'react';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Checkable } from '@/ui/checkable';
import { Small, Strong } from '@/ui/type';
import { Mass } from '@/ui/units';

/** The schools side by side: how much each mixes, how thick that lies, how much of it runs off. */
export function Schools() {
  const { plan, brief, studio, edit } = usePlan();
  const rows = useMemo(() => compareSchools(plan, brief, studio), [plan, brief, studio]);
  return (
    <View role="radiogroup" aria-label="How much paint">
      {rows.map(({ school, amounts }) => {
        const chosen = school === plan.budget.school;
        const base = amounts.pots.some((p) => p.use === 'base') ? ' over a base' : '';
        return (
          <Checkable
            key={school}
            role="radio"
            checked={chosen}
            label={SCHOOLS[school].name}
            onPress={() => edit((p) => edits.setSchool(p, school as SchoolId))}
            className={`min-h-[64px] flex-row items-center gap-3 border-b border-b-rule border-l-4 px-2 py-2 ${chosen ? 'border-l-ink bg-raised' : 'border-l-transparent active:bg-pressed'}`}
          >
            <View className="min-w-0 flex-1">
              <Strong>{SCHOOLS[school].name}</Strong>
              <Small>
                {trim(amounts.laidMm, 1)} mm of colour laid{base}, {trim(amounts.onFaceMm, 1)} mm
                stays; {runOffWords(amounts)}.
              </Small>
              {chosen ? <Small className="!text-ink">{SCHOOLS[school].says}</Small> : null}
            </View>
            <Mass g={amounts.totalG} />
          </Checkable>
        );
      })}
    </View>
  );
}
