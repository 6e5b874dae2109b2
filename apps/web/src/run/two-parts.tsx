import type { Run } from '@potter/core/journal';
import { brief, coatBatches } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import type { RunStep } from '@potter/core/verb';
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/button';
import { localTime } from '@/ui/local-time';
import { Body } from '@/ui/type';

/** What is mixed of two parts for the move on screen, batch by batch: which are mixed, and the next to weigh. */
export function TwoParts({ run, step }: { readonly run: Run; readonly step: RunStep }) {
  const router = useRouter();
  const batches = useMemo(
    () => coatBatches(run.plan, brief(run.plan), step.move),
    [run.plan, step.move],
  );
  if (step.opensS === undefined || batches.length === 0) return null;
  const mixed = run.moves[run.at]?.mixed ?? [];
  const next = batches[mixed.length % batches.length]!;
  const grams = next.steps.reduce((sum, { g }) => sum + g, 0);
  const which = mixed.length < batches.length && batches.length > 1;
  const label =
    mixed.length >= batches.length
      ? `Mix ${trim(grams, 0)} g more`
      : `Weigh ${which ? `batch ${mixed.length + 1} of ${batches.length}` : 'it'}, ${trim(grams, 0)} g`;
  return (
    <View className="gap-2">
      {mixed.map(({ at, of }, i) => (
        <Body key={at}>
          Batch {i + 1},{' '}
          {trim(
            of.reduce((sum, { g }) => sum + g, 0),
            0,
          )}{' '}
          g, mixed at {clockOf(at)}, open until {clockOf(at + step.opensS! * 1000)}.
        </Body>
      ))}
      <Button
        className="min-h-[64px]"
        primary={mixed.length === 0}
        label={label}
        onPress={() => router.push(`/run/${run.id}/weigh?move=${step.move}&batch=${mixed.length}`)}
      />
    </View>
  );
}

const clockOf = (ms: number): string => localTime(ms).slice('yyyy-mm-ddT'.length);
