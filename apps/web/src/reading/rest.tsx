import type { Photograph as Taken } from '@potter/core/piece';
import type { Plan } from '@potter/core/plan';
import { View } from 'react-native';
import type { Had } from '@/picture/had';
import { Body, Heading } from '@/ui/type';
import { LeftAlone } from './left-alone';
import { cellsIn, watchesOf, watchWords } from './rest-words';
import { useReads } from './use-read';

/** So many of the last pictures are looked at. */
const LAST = 6;

/** What pictures of a resting piece tell: how its cells grew and where it crept between them, and how they will go on, beside what the preview says. */
export function Rest({
  wet,
  turn,
  plan,
  preview,
}: {
  readonly wet: readonly Taken[];
  /** Whether it is their turn to be read. */
  readonly turn: boolean;
  readonly plan: Plan;
  readonly preview: Had | undefined;
}) {
  const shown = wet.slice(-LAST);
  const answers = useReads(shown, plan, turn);
  const watches = watchesOf(shown.map(({ at }, i) => ({ at, cells: cellsIn(answers[i]) })));
  if (watches.length === 0) return null;
  return (
    <View className="gap-2" role="group" aria-label="At rest">
      <Heading>At rest</Heading>
      {watches.map((watch, i) => (
        <Body key={i}>{watchWords(watch, watches[i - 1])}</Body>
      ))}
      <LeftAlone watches={watches} cells={preview?.outcome.cells} />
    </View>
  );
}
