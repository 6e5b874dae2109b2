import { dryingOf, pourOver, type Run, summariseRun } from '@potter/core/journal';
import { actWords } from '@potter/core/schedule';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useCreatePlan } from '@/data/plans';
import { useSettings } from '@/data/settings';
import { AfterPour } from '@/run/after-pour';
import { Moves } from '@/run/moves-done';
import { NextTime } from '@/run/next-time';
import { sheetOf } from '@/run/use-timers';
import { Button } from '@/ui/button';
import { dayWords } from '@/ui/day-words';
import { localTime } from '@/ui/local-time';
import { Body, Heading, Small } from '@/ui/type';
import { useNow } from '@/ui/use-now';
import { HowDry } from './how-dry';

/** A pour, or a later stage: where the piece stands now, what was noted, what it took and what was done. */
export function ThePour({ run }: { readonly run: Run }) {
  const router = useRouter();
  const now = useNow(60_000);
  const create = useCreatePlan();
  const { house } = useSettings();
  const ended = localTime(run.endedAt ?? run.startedAt);
  const drying = dryingOf(summariseRun(run).dries, ended, localTime(now), house);
  return (
    <View className="gap-4">
      <Body>
        Poured on {dayWords(localTime(run.startedAt))} at {localTime(run.startedAt).slice(11)}. Now:{' '}
        {drying.now ? actWords(drying.now).toLowerCase() : 'still wet, keep covered'}.
        {drying.next
          ? ` ${actWords(drying.next)} from ${dayWords(drying.next.from)}, at the latest ${dayWords(drying.next.to)}.`
          : ''}
      </Body>
      {drying.next ? <Small>Reckoned: {drying.next.why}.</Small> : null}
      <HowDry run={run} />
      <NextTime run={run} />
      <AfterPour run={run} />
      <Heading>What was done</Heading>
      <Moves run={run} sheet={sheetOf(run)} />
      <View className="flex-row flex-wrap gap-2">
        <Button label="To its plan" onPress={() => router.push(`/plans/${run.planId}/surface`)} />
        {run.endedAt === undefined ? null : (
          <Button
            label="Pour over it"
            disabled={create.isPending}
            onPress={() =>
              create.mutate(pourOver(run), {
                onSuccess: (made) => router.push(`/plans/${made.id}/surface`),
              })
            }
          />
        )}
      </View>
    </View>
  );
}
