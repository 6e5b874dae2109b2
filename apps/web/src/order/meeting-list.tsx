import { type Meeting, mixNames, verdictWords } from '@potter/core/plan';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Small } from '@/ui/type';
import { VerdictLine } from '@/ui/verdict';

/** What a cup turns to those beside it, meeting by meeting. */
export function MeetingList({
  cup,
  meetings,
}: {
  readonly cup: number;
  readonly meetings: readonly Meeting[];
}) {
  const { plan } = usePlan();
  const nameOf = mixNames(plan);
  return (
    <View role="list" aria-label="Where it meets other cups" className="gap-2">
      {meetings.flatMap(({ cups, mixes, judged }) => {
        const own = cups.indexOf(cup);
        if (own < 0) return [];
        const other = cups[1 - own]!;
        return (
          <View role="listitem" key={other}>
            <Small className="!text-ink" lines={2}>
              {nameOf(mixes[own]!)} to {nameOf(mixes[1 - own]!)} of cup {other + 1}
            </Small>
            {judged ? (
              <VerdictLine verdict={judged.verdict} says={verdictWords(judged)} />
            ) : (
              <Small>No border shows between them.</Small>
            )}
          </View>
        );
      })}
    </View>
  );
}
