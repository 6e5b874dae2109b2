import { Link, useRouter } from 'expo-router';
import { View } from 'react-native';
import { type Listed, putRun, readOlderRuns, useRuns } from '@/data/runs';
import { CoresThumbnail } from '@/ui/cores-thumbnail';
import { dayWords } from '@/ui/day-words';
import { clock, localTime } from '@/ui/local-time';
import { Screen } from '@/ui/screen';
import { LongList } from '@/ui/long-list';
import { SetApart } from '@/ui/set-apart';
import { Empty, Failed, Waiting } from '@/ui/state';
import { Small, Strong } from '@/ui/type';
import { UndoBar } from '@/ui/undo-bar';
import { Mass } from '@/ui/units';
import { struckOut, useStruckOut } from './struck-out';

/** Every pour that was carried out, the last first. */
export function JournalScreen() {
  const router = useRouter();
  const { runs, loaded, apart, fault, count, next } = useRuns();
  const gone = useStruckOut();
  const done = runs.filter((r) => r.endedAt !== undefined);
  return (
    <Screen title="Journal">
      {gone ? (
        <UndoBar
          says={`The pour of ${gone.plan.title} is out of the journal.`}
          onUndo={() => {
            putRun(gone);
            struckOut.set(undefined);
          }}
        />
      ) : null}
      {fault ? <Failed what="The journal cannot be read." why={fault} /> : null}
      <SetApart what="pour" many="pours" apart={apart} />
      {!loaded && done.length === 0 ? <Waiting what="Opening the journal" /> : null}
      {loaded && !fault && done.length === 0 ? (
        <Empty
          says="A pour is written down here as it is carried out: when each move began and ended, what was skipped, what you noted, and what you would do next time."
          act="Choose a plan to pour"
          onAct={() => router.push('/plans')}
        />
      ) : null}
      <LongList
        items={done}
        // Those under way stand on the bench.
        count={next === undefined ? done.length : count - (runs.length - done.length)}
        onMore={() => void readOlderRuns()}
        row={(run) => <JournalRow key={run.id} run={run} />}
      />
    </Screen>
  );
}

function JournalRow({ run }: { readonly run: Listed }) {
  const day = dayWords(localTime(run.startedAt));
  return (
    <View role="listitem" className="border-b border-rule wide:w-[calc(50%-16px)]">
      <Link
        href={`/journal/${run.id}`}
        aria-label={`${run.title}, ${day}`}
        className="flex min-h-[88px] flex-row items-center gap-3 py-3 no-underline active:bg-pressed"
      >
        <View className="w-[72px]">
          <CoresThumbnail cores={run.cores} height={64} />
        </View>
        <View className="min-w-0 flex-1">
          <Strong lines={1}>{run.title}</Strong>
          <Small>
            {day}, {clock(((run.endedAt ?? run.startedAt) - run.startedAt) / 1000)}
          </Small>
          {run.note ? (
            <Small lines={2} className="!text-ink">
              {run.note}
            </Small>
          ) : null}
        </View>
        <Mass g={run.totalG} />
      </Link>
    </View>
  );
}
