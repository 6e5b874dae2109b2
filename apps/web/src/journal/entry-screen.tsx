import { dryingOf, pourOver, summariseRun } from '@potter/core/journal';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { useCreatePlan } from '@/data/plans';
import { deleteRun, useRun } from '@/data/runs';
import { useSettings } from '@/data/settings';
import { actWords } from '@potter/core/schedule';
import { NextTime } from '@/run/next-time';
import { Moves } from '@/run/moves-done';
import { sheetOf } from '@/run/use-timers';
import { Button } from '@/ui/button';
import { dayWords } from '@/ui/day-words';
import { localTime } from '@/ui/local-time';
import { Screen } from '@/ui/screen';
import { NotHere } from '@/ui/state';
import { Body, Heading, Small } from '@/ui/type';
import { useNow } from '@/ui/use-now';
import { AfterPour } from '@/run/after-pour';
import { HowDry } from './how-dry';
import { struckOut } from './struck-out';

/** One pour: what was done and noted, and where the piece stands now. */
export function EntryScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const router = useRouter();
  const now = useNow(60_000);
  const create = useCreatePlan();
  const { house } = useSettings();
  const { run, ...asked } = useRun(id);
  if (!run)
    return (
      <Screen title="Journal">
        <NotHere
          query={asked}
          waiting="Opening the journal"
          failed="This pour cannot be read."
          says="This pour is not in the journal any more."
          act="To the journal"
          onAct={() => router.replace('/journal')}
        />
      </Screen>
    );
  const ended = localTime(run.endedAt ?? run.startedAt);
  const drying = dryingOf(summariseRun(run).dries, ended, localTime(now), house);
  return (
    <Screen
      title={run.plan.title}
      acts={<Button label="Back" onPress={() => router.replace('/journal')} />}
    >
      <View className="gap-4 wide:max-w-[720px]">
        <Body>
          Poured on {dayWords(localTime(run.startedAt))} at {localTime(run.startedAt).slice(11)}.
          Now: {drying.now ? actWords(drying.now).toLowerCase() : 'still wet, keep covered'}.
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
          <Button
            label="Strike it out"
            onPress={() => {
              struckOut.set(run);
              deleteRun(run);
              router.replace('/journal');
            }}
          />
        </View>
      </View>
    </Screen>
  );
}
