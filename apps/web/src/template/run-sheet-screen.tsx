import { runSheets } from '@potter/core/format';
import { cupsToLoad, mixNames } from '@potter/core/plan';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { Screen } from '@/ui/screen';
import { Body } from '@/ui/type';
import { Printed } from './printed';

/** The pour on paper: what is loaded, then move by move, to be pinned up and ticked off. */
export function RunSheetScreen() {
  const { id, plan, brief } = usePlan();
  const router = useRouter();
  // Every piece of a set is loaded alike.
  const cups = cupsToLoad(plan, brief).filter((c) => c.id.endsWith(' 1'));
  return (
    <Screen
      title="Run sheet"
      acts={<Button label="Back" onPress={() => router.replace(`/plans/${id}/pour`)} />}
    >
      <View className="gap-4 wide:max-w-[960px]">
        <Body>
          First what goes into each cup, then the moves with their marks. Pin it up where it can be
          read with wet gloves on.
        </Body>
        <Printed
          drawings={runSheets(plan, brief, cups, mixNames(plan))}
          says={`Run sheet of ${plan.title}`}
          name={`${plan.title} run sheet`}
        />
      </View>
    </Screen>
  );
}
