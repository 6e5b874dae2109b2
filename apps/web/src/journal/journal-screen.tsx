import { Link, useRouter } from 'expo-router';
import { View } from 'react-native';
import { putRun, useRuns } from '@/data/runs';
import { Button } from '@/ui/button';
import { dayWords } from '@/ui/day-words';
import { clock, localTime } from '@/ui/local-time';
import { Screen } from '@/ui/screen';
import { Empty, Failed, Waiting } from '@/ui/state';
import { Body, Small, Strong } from '@/ui/type';
import { Mass } from '@/ui/units';
import { brief } from '@potter/core/plan';
import { struckOut, useStruckOut } from './struck-out';

/** Every pour that was carried out, the last first. */
export function JournalScreen() {
  const router = useRouter();
  const { runs, loaded, fault } = useRuns();
  const gone = useStruckOut();
  const done = runs.filter((r) => r.endedAt !== undefined);
  return (
    <Screen title="Journal">
      {gone ? (
        <View role="status" className="mb-3 flex-row items-center gap-3 bg-raised p-3">
          <Body className="flex-1">The pour of {gone.plan.title} is out of the journal.</Body>
          <Button
            label="Put it back"
            onPress={() => {
              putRun(gone);
              struckOut.set(undefined);
            }}
          />
        </View>
      ) : null}
      {fault ? <Failed what="The journal cannot be read." why={fault} /> : null}
      {!loaded && done.length === 0 ? <Waiting what="Opening the journal" /> : null}
      {loaded && !fault && done.length === 0 ? (
        <Empty
          says="A pour is written down here as it is carried out: when each move began and ended, what was skipped, what you noted, and what you would do next time."
          act="Choose a plan to pour"
          onAct={() => router.push('/plans')}
        />
      ) : null}
      <View role="list" className="wide:flex-row wide:flex-wrap wide:gap-x-8">
        {done.map((run) => (
          <View
            role="listitem"
            key={run.id}
            className="border-b border-rule wide:w-[calc(50%-16px)]"
          >
            <Link
              href={`/journal/${run.id}`}
              aria-label={`${run.plan.title}, ${dayWords(localTime(run.startedAt))}`}
              className="flex min-h-[72px] flex-row items-center gap-3 py-3 no-underline active:bg-pressed"
            >
              <View className="min-w-0 flex-1">
                <Strong lines={1}>{run.plan.title}</Strong>
                <Small>
                  {dayWords(localTime(run.startedAt))},{' '}
                  {clock(((run.endedAt ?? run.startedAt) - run.startedAt) / 1000)}
                </Small>
                {run.note ? (
                  <Small lines={2} className="text-ink">
                    {run.note}
                  </Small>
                ) : null}
              </View>
              <Mass g={brief(run.plan).budget.totalG} />
            </Link>
          </View>
        ))}
      </View>
    </Screen>
  );
}
