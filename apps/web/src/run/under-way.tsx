import { Link } from 'expo-router';
import { Text, View } from 'react-native';
import { useRuns } from '@/data/runs';
import { clock } from '@/ui/local-time';
import { useNow } from '@/ui/use-now';
import { runClock } from './run-clock';
import { sheetOf, useTimers } from './use-timers';

/** Pours that are being carried out, each with the move on screen and its clock, then waits that go on beside it. */
export function UnderWay() {
  const now = useNow(1000, runClock.now);
  const { runs } = useRuns();
  const timers = useTimers(now);
  return (
    <>
      {runs
        .filter((run) => run.endedAt === undefined)
        .map((run) => {
          const timer = timers.find((t) => t.run.id === run.id && t.at === run.run?.at);
          return (
            <Clock
              key={run.id}
              run={run.id}
              label={`running: ${run.title}`}
              title={run.run ? (sheetOf(run.run)[run.run.at]?.title ?? '') : ''}
              left={timer && (timer.dueAt - now) / 1000}
            />
          );
        })}
      {timers
        .filter((t) => t.at !== t.run.at || t.run.endedAt !== undefined)
        .map((t) => (
          <Clock
            key={`${t.run.id} ${t.at}`}
            run={t.run.id}
            label={`waiting: ${t.run.plan.title}`}
            title={t.title}
            left={(t.dueAt - now) / 1000}
          />
        ))}
    </>
  );
}

interface ClockProps {
  readonly run: string;
  readonly label: string;
  readonly title: string;
  readonly left: number | undefined;
}

function Clock({ run, label, title, left }: ClockProps) {
  return (
    <Link
      href={`/run/${run}`}
      aria-label={`${label}, ${title}`}
      className="mb-4 flex min-h-[84px] flex-row items-center gap-3 bg-rail px-4 no-underline"
    >
      <View className="min-w-0 flex-1">
        <Text className="font-body text-13 text-railink">{label}</Text>
        <Text className="font-bold text-20 text-railink">{title}</Text>
      </View>
      {left === undefined ? null : (
        <Text
          className="font-display text-34 text-railink"
          style={{ fontVariant: ['tabular-nums'] }}
        >
          {clock(left)}
        </Text>
      )}
    </Link>
  );
}
