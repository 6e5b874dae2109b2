import { trim } from '@potter/core/quantity';
import { batchMediums, batchOf, readyOf } from '@potter/core/stock';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { idsIn, useOpenPlans } from '@/data/open-plans';
import { useShelf } from '@/data/shelf';
import { nameIn } from '@/data/name-in';
import { WeighTable } from '@/mixes/weigh-table';
import { Button } from '@/ui/button';
import { Screen } from '@/ui/screen';
import { Empty, Failed, Waiting } from '@/ui/state';
import { Body, Small } from '@/ui/type';
import { BatchWeigh } from './batch-weigh';
import { Mass } from '@/ui/units';

/** A batch for several plans is large: a scale of whole grams is fine enough for its mediums. */
const STEP_G = 1;

/** Several plans mixed together: what is one recipe is mixed once and shared out. */
export function BatchScreen() {
  const params = useLocalSearchParams<{ plans?: string }>();
  const ids = idsIn(params.plans);
  const router = useRouter();
  const { plans, pending, error } = useOpenPlans(ids);
  const lines = pending ? [] : batchOf(plans);
  const shelf = useShelf();
  const [weighing, setWeighing] = useState(false);
  const mediums = pending ? [] : batchMediums(plans, STEP_G, readyOf(shelf.data ?? []));
  const shared = lines.filter((l) => l.to.length > 1).length;
  const nameOf = nameIn({
    paints: plans.flatMap((p) => p.plan.paints),
    materials: plans.flatMap((p) => p.plan.materials ?? []),
    mediums: plans.flatMap((p) => p.plan.mediums ?? []),
  });
  if (weighing && !pending)
    return (
      <BatchWeigh
        plans={plans}
        lines={lines}
        mediums={mediums}
        nameOf={nameOf}
        onLeave={() => setWeighing(false)}
      />
    );
  return (
    <Screen
      title="Mixed together"
      acts={<Button label="Back" onPress={() => router.replace('/plans')} />}
    >
      {error ? <Failed what="A plan cannot be read." why={error.message} /> : null}
      {pending ? <Waiting what="Putting the mixes together" /> : null}
      {ids.length === 0 ? (
        <Empty
          says="Choose the plans that are poured on one day; what they share is mixed once."
          act="To the plans"
          onAct={() => router.replace('/plans')}
        />
      ) : null}
      {lines.length > 0 ? (
        <View className="gap-5 wide:max-w-[960px]">
          <Body>
            {plans.map((p) => p.title).join(', ')}: {lines.length} mixes,{' '}
            {shared === 0
              ? 'none of one recipe'
              : shared === 1
                ? 'one of them for several plans'
                : `${shared} of them for several plans`}
            .
          </Body>
          {mediums.map((m) => (
            <WeighTable
              key={m.id}
              title={`First make ${trim(m.g, 0)} g of ${m.name}`}
              steps={m.steps}
              nameOf={nameOf}
            />
          ))}
          {lines.map((line, i) => (
            <View key={i} role="region" aria-label={line.name} className="gap-1">
              <WeighTable
                title={`${line.name}, ${trim(line.g, 1)} g`}
                steps={line.steps}
                nameOf={nameOf}
              />
              {line.to.map((share) => (
                <View key={share.title} className="flex-row items-baseline justify-between gap-3">
                  <Body className="flex-1">
                    for {share.title}
                    {share.pieces > 1 ? (
                      <Small>
                        {' '}
                        {share.pieces} pieces, {trim(share.perPieceG, 1)} g each
                      </Small>
                    ) : null}
                  </Body>
                  <Mass g={share.g} fine size="text-16" />
                </View>
              ))}
            </View>
          ))}
          <View className="flex-row gap-3 print:hidden">
            <Button
              primary
              className="min-h-[64px] flex-1"
              label="Weigh it all up"
              onPress={() => setWeighing(true)}
            />
            <Button className="min-h-[64px]" label="Print" onPress={() => window.print()} />
          </View>
        </View>
      ) : null}
    </Screen>
  );
}
