import { isLastTask, lastTasksOf, setLastTasks } from '@potter/core/plan';
import { TASK_IDS, TASKS } from '@potter/core/verb';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Section } from '@/ui/section';
import { Ticked } from '@/ui/ticked';
import { Body } from '@/ui/type';

/** What is done to the back, and what it hangs by or stands on, once all else is. */
export function LastTasks() {
  const { plan, edit } = usePlan();
  const chosen = lastTasksOf(plan);
  return (
    <Section
      title="Back and hanging"
      says={
        chosen.length === 0
          ? 'Nothing chosen'
          : chosen.map((task) => TASKS[task].title.toLowerCase()).join(', ')
      }
    >
      <View className="flex-row flex-wrap gap-2">
        {TASK_IDS.filter(isLastTask).map((task) => (
          <Ticked
            key={task}
            label={TASKS[task].title}
            on={chosen.includes(task)}
            onPress={() =>
              edit((p) =>
                setLastTasks(
                  p,
                  chosen.includes(task) ? chosen.filter((t) => t !== task) : [...chosen, task],
                ),
              )
            }
          />
        ))}
      </View>
      {chosen.map((task) => (
        <Body key={task}>{TASKS[task].says}</Body>
      ))}
    </Section>
  );
}
