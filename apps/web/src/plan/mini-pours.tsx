import type { Plan } from '@potter/core/plan';
import { Link } from 'expo-router';
import { View } from 'react-native';
import { useRuns } from '@/data/runs';
import { dayWords } from '@/ui/day-words';
import { localTime } from '@/ui/local-time';
import { Body, Strong } from '@/ui/type';

/** What small tests of a plan have shown; on a small test itself, the way back to what it tries. */
export function MiniPours({ id, plan }: { readonly id: string; readonly plan: Plan }) {
  const { runs } = useRuns();
  if (plan.miniOf !== undefined)
    return (
      <Link href={`/plans/${plan.miniOf}/preview`} className="min-h-[44px] py-2">
        <Strong className="underline">What this is a small test of</Strong>
      </Link>
    );
  const poured = runs.filter((run) => run.miniOf === id);
  if (poured.length === 0) return null;
  return (
    <View className="gap-2" role="list" aria-label="Mini pours of this plan">
      <Strong>Mini pours</Strong>
      {poured.map((run) => (
        <View key={run.id} role="listitem">
          <Link href={`/journal/${run.id}`} className="min-h-[44px] py-2">
            <Strong className="underline">{dayWords(localTime(run.startedAt).slice(0, 10))}</Strong>
          </Link>
          <Body>{run.note ?? 'No note yet: say on its page what it showed.'}</Body>
        </View>
      ))}
    </View>
  );
}
