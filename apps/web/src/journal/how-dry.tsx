import type { Run } from '@potter/core/journal';
import { View } from 'react-native';
import { putRun } from '@/data/runs';
import { runClock } from '@/run/run-clock';
import { Act, Button } from '@/ui/button';
import { dayWords } from '@/ui/day-words';
import { localTime } from '@/ui/local-time';
import { Body, Heading } from '@/ui/type';

type Check = NonNullable<Run['checks']>[number];

const FOUND: Readonly<Record<Check['found'], string>> = {
  tacky: 'Still tacky',
  dry: 'Dry to the touch',
};

/** How dry the piece was found to be: each look moves the forecast, and can be taken back. */
export function HowDry({ run }: { readonly run: Run }) {
  const checks = run.checks ?? [];
  if (run.endedAt === undefined) return null;
  const keep = (next: readonly Check[]) => {
    const { checks: _, ...rest } = run;
    putRun(next.length > 0 ? { ...rest, checks: [...next] } : rest);
  };
  const look = (found: Check['found']) =>
    keep([...checks, { at: Math.round(runClock.now()), found }]);
  return (
    <View className="gap-2">
      <Heading>How is it now?</Heading>
      <View className="flex-row flex-wrap gap-2">
        {(['tacky', 'dry'] as const).map((found) => (
          <Button key={found} label={FOUND[found]} onPress={() => look(found)} />
        ))}
      </View>
      <View role="list" aria-label="What was found">
        {checks.map((check, i) => {
          const when = localTime(check.at);
          const says = `${FOUND[check.found]}, ${dayWords(when)}, ${when.slice(11)}`;
          return (
            <View
              role="listitem"
              key={check.at}
              className="min-h-[44px] flex-row items-center gap-3 border-b border-rule"
            >
              <Body className="flex-1">{says}</Body>
              <Act
                label="Take back"
                name={`Take back: ${says}`}
                onPress={() => keep(checks.filter((_, k) => k !== i))}
              />
            </View>
          );
        })}
      </View>
    </View>
  );
}
