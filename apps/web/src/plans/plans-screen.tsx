import { useRouter } from 'expo-router';
import { useDeferredValue, useState } from 'react';
import { View } from 'react-native';
import { usePutBack } from '@/data/bin';
import { usePlans } from '@/data/plans';
import { Button } from '@/ui/button';
import { Screen } from '@/ui/screen';
import { LongList } from '@/ui/long-list';
import { SearchField } from '@/ui/search-field';
import { SetApart } from '@/ui/set-apart';
import { Asking, Empty, Failed } from '@/ui/state';
import { Small } from '@/ui/type';
import { UndoBar } from '@/ui/undo-bar';
import { dropped, useDropped } from '@/data/dropped-plan';
import { ImportPlan } from './import-plan';
import { ChooseRow, PlanRow } from './plan-row';

/** More plans than one looks through: they can be searched. */
const MANY = 12;

export function PlansScreen() {
  const router = useRouter();
  const back = usePutBack();
  const gone = useDropped();
  const [search, setSearch] = useState('');
  const plans = usePlans('all', useDeferredValue(search.trim()));
  const { plans: found = [], count = 0, apart } = plans.data ?? {};
  const searched = search.trim() !== '';
  const [choosing, setChoosing] = useState(false);
  const [chosen, setChosen] = useState<readonly string[]>([]);
  return (
    <Screen
      title="Plans"
      acts={<Button primary label="New plan" onPress={() => router.push('/plans/new')} />}
      foot={
        choosing ? (
          <View className="flex-row flex-wrap items-center gap-2 border-t border-ink bg-raised p-3">
            <Small className="flex-1">
              {chosen.length === 0 ? 'Tick the plans of one day.' : `${chosen.length} chosen`}
            </Small>
            <Button
              label="Shopping list"
              disabled={chosen.length === 0}
              onPress={() => router.push(`/shopping?plans=${chosen.join(',')}`)}
            />
            <Button
              primary
              label="Mix together"
              disabled={chosen.length === 0}
              onPress={() => router.push(`/batch?plans=${chosen.join(',')}`)}
            />
          </View>
        ) : null
      }
    >
      {gone ? (
        <UndoBar
          says={`${gone.title} is deleted.`}
          onUndo={() =>
            back.mutate({ kind: 'plan', id: gone.id }, { onSuccess: () => dropped.set(undefined) })
          }
        />
      ) : null}
      {back.error ? <Failed what="It was not put back." why={back.error.message} /> : null}
      <Asking query={plans} waiting="Looking for plans" failed="The plans cannot be read." />
      <SetApart what="plan" many="plans" apart={apart} />
      {plans.data && count === 0 && !searched ? (
        <Empty
          says="A plan takes a pour from idea to finished piece. It asks three things to begin with: the surface, the colours, and how you pour."
          act="Make the first plan"
          onAct={() => router.push('/plans/new')}
        />
      ) : null}
      {searched || count > MANY ? <SearchField shown={search} onChange={setSearch} /> : null}
      <LongList
        items={found}
        count={count}
        onMore={() => void plans.fetchNextPage()}
        row={(plan) =>
          choosing ? (
            <ChooseRow
              key={plan.id}
              plan={plan}
              chosen={chosen.includes(plan.id)}
              onToggle={() =>
                setChosen(
                  chosen.includes(plan.id)
                    ? chosen.filter((id) => id !== plan.id)
                    : [...chosen, plan.id],
                )
              }
            />
          ) : (
            <PlanRow key={plan.id} plan={plan} />
          )
        }
      />
      {plans.data && count === 0 && searched ? <Small>No plan goes by “{search}”.</Small> : null}
      {count > 1 || choosing ? (
        <Button
          className="mt-4 self-start"
          label={choosing ? 'Done choosing' : 'Several at once'}
          onPress={() => {
            setChoosing(!choosing);
            setChosen([]);
          }}
        />
      ) : null}
      <ImportPlan />
    </Screen>
  );
}
