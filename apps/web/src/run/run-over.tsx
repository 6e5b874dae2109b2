import { goBack, type Run } from '@potter/core/journal';
import { stagesOf } from '@potter/core/schedule';
import { useRouter } from 'expo-router';
import { ScrollView, View } from 'react-native';
import { putRun } from '@/data/runs';
import { Button } from '@/ui/button';
import { Body, Title } from '@/ui/type';
import { AfterPour } from './after-pour';
import { NextTime } from './next-time';
import { Moves } from './moves-done';
import { sheetOf } from './use-timers';

/** After the last move: what to do with the wet piece, and a note while it is fresh in mind. */
export function RunOver({ run }: { readonly run: Run }) {
  const router = useRouter();
  const stage = run.stage === undefined ? undefined : stagesOf(run.plan)[run.stage];
  const minutes = Math.round(((run.endedAt ?? run.startedAt) - run.startedAt) / 60_000);
  return (
    <View role="main" className="flex-1 bg-surround">
      <ScrollView contentContainerClassName="gap-4 p-4">
        <Title className="!text-34 !leading-[38px]">
          {stage ? `${stage.title}: done` : 'Poured'}
        </Title>
        <Body>
          {run.plan.title}, in {minutes} min. Leave it level and covered; it is on the rack now.
        </Body>
        {run.stage === undefined ? (
          <Button
            className="self-start"
            label="Watch it rest"
            onPress={() => router.push(`/journal/${run.id}/watch`)}
          />
        ) : null}
        <NextTime run={run} />
        <AfterPour run={run} />
        <Moves run={run} sheet={sheetOf(run)} />
        <View className="flex-row flex-wrap gap-2">
          <Button primary label="To the bench" onPress={() => router.replace('/bench')} />
          <Button label="Back to the last move" onPress={() => putRun(goBack(run))} />
        </View>
      </ScrollView>
    </View>
  );
}
