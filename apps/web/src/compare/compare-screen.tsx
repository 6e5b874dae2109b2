import { comparePlans, type CompareRow } from '@potter/core/plan';
import { useQuery } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useDeferredValue, useState } from 'react';
import { View } from 'react-native';
import { fetchPlan, usePlans } from '@/data/plans';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { Pick } from '@/ui/pick';
import { Screen } from '@/ui/screen';
import { SearchField } from '@/ui/search-field';
import { Failed, Waiting } from '@/ui/state';
import { Body, Heading, Small, Strong } from '@/ui/type';

const GROUPS: Readonly<Record<CompareRow['group'], string>> = {
  plan: 'The plan',
  amounts: 'Amounts',
  colours: 'Colours',
  cups: 'Cups',
  moves: 'Moves',
  remarks: 'Remarks',
};

/** This plan beside another, line by line; what differs stands out by weight and a bar. */
export function CompareScreen() {
  const { id, plan } = usePlan();
  const router = useRouter();
  const [search, setSearch] = useState('');
  const plans = usePlans('all', useDeferredValue(search.trim()));
  const { plans: found = [], count = 0 } = plans.data ?? {};
  const others = found.filter((p) => p.id !== id);
  // A variant of this plan is the likeliest partner.
  const likely =
    others.find((p) => p.title.startsWith(plan.title) || plan.title.startsWith(p.title)) ??
    others[0];
  const [chosen, setChosen] = useState<string>();
  const partner = chosen ?? likely?.id;
  const other = useQuery({
    queryKey: ['plan', partner],
    queryFn: () => fetchPlan(partner ?? ''),
    enabled: partner !== undefined,
    staleTime: 0,
  });
  const rows = other.data ? comparePlans(plan, other.data.plan) : [];
  return (
    <Screen
      title="Compare"
      acts={<Button label="Back" onPress={() => router.replace(`/plans/${id}/surface`)} />}
    >
      <View className="gap-4 wide:max-w-[960px]">
        {search !== '' || count > found.length ? (
          <SearchField shown={search} onChange={setSearch} />
        ) : null}
        {plans.data && others.length === 0 && search === '' ? (
          <Body>There is no other plan to compare with. Branch this one to make a variant.</Body>
        ) : null}
        {partner ? (
          <Pick
            label={`${plan.title} beside`}
            value={partner}
            options={others.map((p) => ({ value: p.id, label: p.title }))}
            onChange={setChosen}
          />
        ) : null}
        {other.isError ? (
          <Failed
            what="The other plan cannot be read."
            why={other.error.message}
            onRetry={() => void other.refetch()}
          />
        ) : null}
        {other.isLoading ? <Waiting what="Reading the other plan" /> : null}
        {rows.length > 0 ? <Body>{rows.filter((r) => r.differs).length} lines differ.</Body> : null}
        {other.data ? (
          <View className="flex-row gap-3 border-b-2 border-b-ink pb-1 pl-3" aria-hidden>
            <View className="w-[84px]" />
            <Strong className="flex-1">{plan.title}</Strong>
            <Strong className="flex-1">{other.data.plan.title}</Strong>
          </View>
        ) : null}
        {(Object.keys(GROUPS) as CompareRow['group'][]).map((group) => {
          const lines = rows.filter((r) => r.group === group);
          if (lines.length === 0) return null;
          return (
            <View key={group} role="group" aria-label={GROUPS[group]}>
              <Heading>{GROUPS[group]}</Heading>
              <View role="list">
                {lines.map((row) => (
                  <View
                    role="listitem"
                    key={row.what}
                    aria-label={row.differs ? `${row.what} differs` : row.what}
                    className={`flex-row gap-3 border-b border-b-rule border-l-4 py-2 pl-2 ${row.differs ? 'border-l-ink bg-raised' : 'border-l-transparent'}`}
                  >
                    <Small className="w-[84px]">{row.what}</Small>
                    <Cell says={row.a} strong={row.differs} />
                    <Cell says={row.b} strong={row.differs} />
                  </View>
                ))}
              </View>
            </View>
          );
        })}
      </View>
    </Screen>
  );
}

function Cell({ says, strong }: { readonly says: string | undefined; readonly strong: boolean }) {
  return (
    <View className="flex-1">
      {strong ? <Strong>{says ?? 'none'}</Strong> : <Body>{says ?? 'none'}</Body>}
    </View>
  );
}
