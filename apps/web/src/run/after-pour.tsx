import { drawn, leftAfter, type Run, undrawn } from '@potter/core/journal';
import { brief, carryOn, mayCarryOn, mixNames } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { leftOver } from '@potter/core/stock';
import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useCreatePlan } from '@/data/plans';
import { putRun } from '@/data/runs';
import { shelfKey, putOnShelf, useShelf } from '@/data/shelf';
import { dayOf } from '@/data/studio';
import { Button } from '@/ui/button';
import { QuantityField } from '@/ui/quantity-field';
import { Failed } from '@/ui/state';
import { Body, Heading } from '@/ui/type';

/** What stands in cups and pots yet, and the next piece of it. */
function Standing({ run }: { readonly run: Run }) {
  const router = useRouter();
  const create = useCreatePlan();
  const left = useMemo(() => leftAfter(run), [run]);
  if (!mayCarryOn(left)) return null;
  const nameOf = mixNames(run.plan);
  const sums = new Map<string, number>();
  for (const { mix, g } of left) sums.set(mix, (sums.get(mix) ?? 0) + g);
  return (
    <>
      <Heading>What is left</Heading>
      <Body>
        {[...sums].map(([mix, g]) => `${trim(g, 0)} g of ${nameOf(mix)}`).join(', ')} in cups and
        pots.
      </Body>
      <Button
        className="self-start"
        label="Carry on with what is left"
        disabled={create.isPending}
        onPress={() =>
          create.mutate(carryOn(run.plan, left, run.id), {
            onSuccess: (made) => router.push(`/plans/${made.id}/surface`),
          })
        }
      />
      {create.isError ? (
        <Failed what="The next piece could not be begun." why={create.error.message} />
      ) : null}
    </>
  );
}

/** What was caught in the tray, to be kept in a jar, and what stands in cups yet. */
function Caught({ run }: { readonly run: Run }) {
  const shelf = useShelf();
  const computed = useMemo(() => brief(run.plan), [run.plan]);
  const left = useMemo(() => leftOver(run.plan, computed), [run.plan, computed]);
  const [caughtG, setCaughtG] = useState(Math.round(left.runOffG));
  const jar = `jar-${run.id.slice(0, 12)}`;
  const kept = (shelf.data ?? []).some((i) => i.kind === 'jar' && i.id === jar);
  return (
    <>
      <Standing run={run} />
      <Heading>What was caught</Heading>
      <Body>
        About {trim(left.runOffG, 0)} g should have run off
        {left.keptG > 0 ? `, and ${trim(left.keptG, 0)} g were kept back` : ''}
        {left.silicone ? '. There is silicone in it, and it stays in it' : ''}.
      </Body>
      {left.may.map((says) => (
        <Body key={says}>{says}</Body>
      ))}
      {kept ? (
        <Body>It stands in a jar on the shelf.</Body>
      ) : (
        <View className="flex-row items-end gap-3">
          <QuantityField
            className="flex-1"
            label="Caught in the tray"
            dimension="mass"
            unit="g"
            value={caughtG}
            of={{ gPerMl: computed.budget.totalG / computed.budget.totalMl }}
            min={1}
            max={1e5}
            onChange={setCaughtG}
          />
          <Button
            label="Keep it in a jar"
            onPress={() =>
              putOnShelf({
                kind: 'jar',
                id: jar,
                name: `Run-off of ${run.plan.title}`.slice(0, 80),
                hex: left.hex,
                g: caughtG,
                madeOn: dayOf(new Date(run.endedAt ?? run.startedAt)),
                silicone: left.silicone,
                from: 'run-off',
              })
            }
          />
        </View>
      )}
    </>
  );
}

/** After a pour, or a later stage: what it took off the shelf, to be put back if it did not; after a pour what is left of it too. */
export function AfterPour({ run }: { readonly run: Run }) {
  const client = useQueryClient();
  const shelf = useShelf();
  if (run.endedAt === undefined) return null;
  const lines = run.drawn?.lines ?? [];
  const taken = run.drawn !== undefined && !run.drawn.undone;
  const say = (next: Run) => {
    putRun(next);
    // The shelf changes with it: whoever looks there next looks anew.
    void client.invalidateQueries({ queryKey: shelfKey, refetchType: 'none' });
  };
  return (
    <View className="gap-3">
      <Heading>Off the shelf</Heading>
      <Body>
        {taken
          ? lines.length === 0
            ? 'Nothing of what it used stands on the shelf.'
            : `${lines.length === 1 ? 'One thing was' : `${lines.length} things were`} drawn down by what it used.`
          : 'Nothing was drawn for it.'}
      </Body>
      {taken && lines.length > 0 ? (
        <Button
          className="self-start"
          label="Put it back on the shelf"
          onPress={() => say(undrawn(run, true))}
        />
      ) : null}
      {!taken && shelf.data ? (
        <Button
          className="self-start"
          label="Draw it from the shelf"
          onPress={() => say(run.drawn ? undrawn(run, false) : drawn(run, shelf.data))}
        />
      ) : null}
      {run.stage === undefined ? <Caught run={run} /> : null}
    </View>
  );
}
