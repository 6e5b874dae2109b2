import { type Run, silence, timersOf } from '@potter/core/journal';
import { useRouter } from 'expo-router';
import { Text, View } from 'react-native';
import { putRun, useRuns } from '@/data/runs';
import { Button } from '@/ui/button';
import { clock } from '@/ui/local-time';
import { Body } from '@/ui/type';
import { sheetOf } from './use-timers';

interface Line {
  readonly key: string;
  /** Undefined where it waits for nobody but the artist. */
  readonly dueAt: number | undefined;
  readonly says: string;
  readonly act: string;
  readonly onAct: () => void;
}

/** One list of what comes next beside the move on screen, the next due first: waits of this pour, and every other pour that is under way. */
export function Beside({ run, now }: { readonly run: Run; readonly now: number }) {
  const router = useRouter();
  const { runs } = useRuns();
  const waits = timersOf(run, sheetOf(run))
    .filter((timer) => timer.at !== run.at)
    .map((timer): Line => ({
      key: String(timer.at),
      dueAt: timer.dueAt,
      says: timer.title,
      act: 'Seen',
      onAct: () => putRun(silence(run, timer.at)),
    }));
  const others = runs.flatMap(({ run: other }): Line[] => {
    if (!other || other.id === run.id || other.endedAt !== undefined) return [];
    const sheet = sheetOf(other);
    const timer = timersOf(other, sheet).find(({ at }) => at === other.at);
    const next = sheet[other.at + 1]?.title;
    return [
      {
        key: other.id,
        dueAt: timer?.dueAt,
        says: `${other.plan.title}: ${sheet[other.at]?.title ?? ''}${next === undefined ? '' : `, then ${next.toLowerCase()}`}`,
        act: 'Go there',
        onAct: () => router.replace(`/run/${other.id}`),
      },
    ];
  });
  const lines = [...waits, ...others].sort(
    (a, b) => (a.dueAt ?? -Infinity) - (b.dueAt ?? -Infinity),
  );
  if (lines.length === 0) return null;
  return (
    <View role="list" aria-label="Beside this">
      {lines.map(({ key, dueAt, says, act, onAct }) => (
        <View
          role="listitem"
          key={key}
          className="min-h-[52px] flex-row items-center gap-3 border-t border-rule"
        >
          <Text className="font-display text-24 text-ink" style={{ fontVariant: ['tabular-nums'] }}>
            {dueAt === undefined ? 'now' : clock((dueAt - now) / 1000)}
          </Text>
          <Body className="flex-1">{says}</Body>
          {act === 'Go there' || (dueAt ?? 0) <= now ? (
            <Button label={act} name={`${act}: ${says}`} onPress={onAct} />
          ) : null}
        </View>
      ))}
    </View>
  );
}
