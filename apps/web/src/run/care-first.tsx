import { stageMoves, type Run } from '@potter/core/journal';
import { careFor } from '@potter/core/plan';
import { CARE } from '@potter/core/verb';
import { View } from 'react-native';
import { putRun } from '@/data/runs';
import { Button } from '@/ui/button';
import { CareMark } from '@/ui/care-mark';
import { Body, Heading, Small } from '@/ui/type';
import { runClock } from './run-clock';

/** What this pour takes care for, in its moves and its mixes, until it has been read: once a run. It keeps nobody from going on. */
export function CareFirst({ run }: { readonly run: Run }) {
  if (run.careSeenAt !== undefined) return null;
  return (
    <View role="region" aria-label="Care for this pour" className="gap-2 bg-raised p-3">
      <View className="flex-row items-center gap-3">
        <CareMark size={34} />
        <Heading>Care for this pour</Heading>
      </View>
      {careFor(run.plan, stageMoves(run.plan, run.stage)).map((code) => (
        <Body key={code}>{CARE[code]}</Body>
      ))}
      <Small>The label, the safety data sheet and local rules come first.</Small>
      <Button
        primary
        className="min-h-[64px]"
        label="I have read it"
        onPress={() => putRun({ ...run, careSeenAt: Math.round(runClock.now()) })}
      />
    </View>
  );
}
