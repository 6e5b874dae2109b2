import type { Photograph as Taken } from '@potter/core/piece';
import type { Plan } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { growthAhead } from '@potter/core/reading';
import { View } from 'react-native';
import type { Had } from '@/picture/several';
import { Body, Heading, Small, Strong } from '@/ui/type';
import { watchesOf, watchWords } from './rest-words';
import { useReads } from './use-read';

/** So many of the last pictures are looked at. */
const LAST = 6;

/** What pictures of a resting piece tell: how its cells grew and where it crept between them, and how they will go on, beside what the preview says. */
export function Rest({
  wet,
  plan,
  preview,
}: {
  readonly wet: readonly Taken[];
  readonly plan: Plan;
  readonly preview: Had | undefined;
}) {
  const shown = wet.slice(-LAST);
  const answers = useReads(shown, plan);
  const watches = watchesOf(shown.map(({ at }, i) => ({ at, answer: answers[i] })));
  if (watches.length === 0) return null;
  const ahead = growthAhead(watches);
  const cells = preview?.outcome.cells;
  const model = (min: number): string => {
    const then = cells?.left.find((one) => one.min === min);
    return cells && then && cells.medianMm > 0
      ? `${trim(100 * (then.medianMm / cells.medianMm - 1), 0)} %`
      : '–';
  };
  return (
    <View className="gap-2" role="group" aria-label="At rest">
      <Heading>At rest</Heading>
      {watches.map((watch, i) => (
        <Body key={i}>{watchWords(watch, watches[i - 1])}</Body>
      ))}
      <View role="list" aria-label="If it is left alone">
        {ahead.map(({ min, grown, least, most }) => (
          <View
            key={min}
            role="listitem"
            className="min-h-[44px] flex-row flex-wrap items-baseline gap-3 border-b border-rule py-2"
          >
            <Body className="w-[88px]">{min} min on</Body>
            <Strong className="flex-1">
              {percent(grown)} wider, {percent(least)} to {percent(most)}
            </Strong>
            <Small>preview {model(min)}</Small>
          </View>
        ))}
      </View>
      <Small>
        By the pace of the last pictures; the preview’s beside it reckons from the end of the pour.
        When to stop or to torch is yours.
      </Small>
    </View>
  );
}

const percent = (share: number): string => `${trim(100 * share, 0)} %`;
