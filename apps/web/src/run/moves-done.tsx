import type { Run } from '@potter/core/journal';
import type { RunStep } from '@potter/core/verb';
import { View } from 'react-native';
import { clock } from '@/ui/local-time';
import { Body, Small, Strong } from '@/ui/type';
import { AddedList } from './added';
import { StepPictures } from './step-pictures';

/** What was done, with the time each move took and what was noted. */
export function Moves({ run, sheet }: { readonly run: Run; readonly sheet: readonly RunStep[] }) {
  return (
    <View role="list" aria-label="Moves of this run">
      {run.moves.map((m, i) => (
        <View role="listitem" key={m.move} className="border-b border-rule py-2">
          <View className="flex-row items-baseline justify-between">
            <Strong>{sheet[i]?.title ?? m.move}</Strong>
            <Body>
              {m.skipped
                ? 'skipped'
                : m.startedAt !== undefined && m.endedAt !== undefined
                  ? clock((m.endedAt - m.startedAt) / 1000)
                  : ''}
            </Body>
          </View>
          <Small>{sheet[i]?.says}</Small>
          {m.note ? <Body>{m.note}</Body> : null}
          <AddedList run={run} at={i} />
          <StepPictures run={run} at={i} />
        </View>
      ))}
    </View>
  );
}
