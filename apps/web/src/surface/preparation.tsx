import { preparationOf, setPreparation } from '@potter/core/plan';
import { TASK_IDS, type TaskId, TASKS } from '@potter/core/verb';
import { useState } from 'react';
import { View } from 'react-native';
import { useChangeSettings, useSettings } from '@/data/settings';
import { usePlan } from '@/plan/plan-context';
import { Act } from '@/ui/button';
import { CareMark } from '@/ui/care-mark';
import { Checkable } from '@/ui/checkable';
import { Tick } from '@/ui/tick';
import { Small, Strong } from '@/ui/type';

const BEFORE = TASK_IDS.filter((id) => TASKS[id].when === 'before');

/** What is done before the pour. What is chosen for one kind of surface is remembered for the next of that kind. */
export function Preparation() {
  const { plan, edit } = usePlan();
  const settings = useSettings();
  const change = useChangeSettings();
  const [all, setAll] = useState(false);
  const chosen = preparationOf(plan);
  const { support } = plan.surface;
  const toggle = (task: TaskId) => {
    const next = chosen.includes(task) ? chosen.filter((t) => t !== task) : [...chosen, task];
    edit((p) => setPreparation(p, next));
    if (support)
      change({
        ...settings,
        preparation: { ...settings.preparation, [support]: BEFORE.filter((t) => next.includes(t)) },
      });
  };
  return (
    <View>
      <View role="group" aria-label="Preparation">
        {BEFORE.filter((id) => all || chosen.includes(id)).map((id) => {
          const on = chosen.includes(id);
          return (
            <Checkable
              key={id}
              role="checkbox"
              checked={on}
              label={TASKS[id].title}
              onPress={() => toggle(id)}
              className="min-h-[56px] flex-row items-center gap-3 border-b border-rule py-2 active:bg-pressed"
            >
              <Tick done={on} />
              <View className="min-w-0 flex-1">
                <View className="flex-row items-center gap-2">
                  {TASKS[id].care.length > 0 ? <CareMark /> : null}
                  <Strong>{TASKS[id].title}</Strong>
                </View>
                <Small>{TASKS[id].says}</Small>
              </View>
            </Checkable>
          );
        })}
      </View>
      <Act label={all ? 'Only what I do' : 'Something else too'} onPress={() => setAll(!all)} />
      <Small>
        {support
          ? `Remembered for every ${support}.`
          : 'Say what it is made of, and this is remembered for that kind.'}
      </Small>
    </View>
  );
}
