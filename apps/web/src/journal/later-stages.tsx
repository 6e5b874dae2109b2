import { Link } from 'expo-router';
import { View } from 'react-native';
import { useRuns } from '@/data/runs';
import { dayWords } from '@/ui/day-words';
import { localTime } from '@/ui/local-time';
import { Heading, Small, Strong } from '@/ui/type';

/** Coats, dots and second pours that were done, of one plan or of all, the last first: each is written down as a pour is. */
export function LaterStages({ plan }: { readonly plan?: string | undefined }) {
  const { runs } = useRuns();
  const stages = runs.filter(
    ({ stage, endedAt, planId }) =>
      stage !== undefined && endedAt !== undefined && (plan === undefined || planId === plan),
  );
  if (stages.length === 0) return null;
  return (
    <View className="gap-1 pt-4">
      <Heading>Coats and later stages</Heading>
      <View role="list" aria-label="Coats and later stages">
        {stages.map(({ id, title, startedAt }) => (
          <View role="listitem" key={id} className="border-b border-rule">
            <Link
              href={`/journal/${id}`}
              aria-label={`${title}, ${dayWords(localTime(startedAt))}`}
              className="flex min-h-[52px] flex-row items-center gap-3 py-2 no-underline active:bg-pressed"
            >
              <Strong className="flex-1" lines={2}>
                {title}
              </Strong>
              <Small>{dayWords(localTime(startedAt))}</Small>
            </Link>
          </View>
        ))}
      </View>
    </View>
  );
}
