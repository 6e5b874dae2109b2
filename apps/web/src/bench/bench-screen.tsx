import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { usePlans } from '@/data/plans';
import { PlanRow } from '@/plans/plan-row';
import { Screen } from '@/ui/screen';
import { Empty, Failed, Waiting } from '@/ui/state';
import { Body, Heading, Small } from '@/ui/type';

const TODAY = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long' });

/** What matters now: the plans to pour, soonest first. */
export function BenchScreen() {
  const router = useRouter();
  const plans = usePlans();
  const dated = (plans.data ?? [])
    .filter((p) => p.pour !== undefined)
    .sort((a, b) => (a.pour ?? '').localeCompare(b.pour ?? ''));
  const undated = (plans.data ?? []).filter((p) => p.pour === undefined);
  return (
    <Screen title="Bench">
      <Small className="-mt-3 mb-4 !text-16">{TODAY.format(new Date())}</Small>
      {plans.isError ? (
        <Failed
          what="The plans cannot be read."
          why={plans.error.message}
          onRetry={() => void plans.refetch()}
        />
      ) : null}
      {plans.isPending ? <Waiting what="Looking at the bench" /> : null}
      {plans.data?.length === 0 ? (
        <Empty
          says="The bench shows what to pour next. There is no plan yet."
          act="Make a plan"
          onAct={() => router.push('/plans/new')}
        />
      ) : null}
      {dated.length > 0 ? (
        <View>
          <Heading>To pour</Heading>
          <View
            role="list"
            className="mt-2 border-t border-rule wide:flex-row wide:flex-wrap wide:gap-x-8"
          >
            {dated.map((plan) => (
              <PlanRow key={plan.id} plan={plan} />
            ))}
          </View>
        </View>
      ) : null}
      {undated.length > 0 ? (
        <View className="mt-6">
          <Heading>Without a day</Heading>
          <Body className="mb-2">These have no date to pour yet.</Body>
          <View
            role="list"
            className="border-t border-rule wide:flex-row wide:flex-wrap wide:gap-x-8"
          >
            {undated.map((plan) => (
              <PlanRow key={plan.id} plan={plan} />
            ))}
          </View>
        </View>
      ) : null}
    </Screen>
  );
}
