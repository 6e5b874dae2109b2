import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useCreatePlan, usePlans } from '@/data/plans';
import { Button } from '@/ui/button';
import { Screen } from '@/ui/screen';
import { Asking, Empty } from '@/ui/state';
import { UndoBar } from '@/ui/undo-bar';
import { dropped, useDropped } from './dropped';
import { ImportPlan } from './import-plan';
import { PlanRow } from './plan-row';

export function PlansScreen() {
  const router = useRouter();
  const plans = usePlans();
  const create = useCreatePlan();
  const gone = useDropped();
  return (
    <Screen
      title="Plans"
      acts={<Button primary label="New plan" onPress={() => router.push('/plans/new')} />}
    >
      {gone ? (
        <UndoBar
          says={`${gone.title} is deleted.`}
          onUndo={() => create.mutate(gone, { onSuccess: () => dropped.set(undefined) })}
        />
      ) : null}
      <Asking query={plans} waiting="Looking for plans" failed="The plans cannot be read." />
      {plans.data?.length === 0 ? (
        <Empty
          says="A plan takes a pour from idea to finished piece. It asks three things to begin with: the surface, the colours, and how you pour."
          act="Make the first plan"
          onAct={() => router.push('/plans/new')}
        />
      ) : null}
      <View role="list" className="wide:flex-row wide:flex-wrap wide:gap-x-8">
        {plans.data?.map((plan) => (
          <PlanRow key={plan.id} plan={plan} />
        ))}
      </View>
      <ImportPlan />
    </Screen>
  );
}
