import { standing } from '@potter/core/plan';
import { Link } from 'expo-router';
import { Text, View } from 'react-native';
import { useRuns } from '@/data/runs';
import { localTime } from '@/ui/local-time';
import { useNow } from '@/ui/use-now';
import { usePlan } from './plan-context';

/** Mixes that have stood half an hour and more, over the strip of stations, until they are tested again or poured. */
export function StandingBand() {
  const { id, plan } = usePlan();
  const { runs } = useRuns();
  const now = useNow(30_000);
  const poured = runs.find((r) => r.planId === id);
  const stood = standing(plan, localTime(now), poured && localTime(poured.startedAt));
  const [longest] = stood;
  if (!longest) return null;
  const says =
    stood.length === 1
      ? `${longest.name} has stood ${longest.minutes} min: is it thicker?`
      : `${stood.length} mixes have stood ${longest.minutes} min: are they thicker?`;
  return (
    <View role="status" className="bg-rail">
      <Link
        href={`/plans/${id}/coach`}
        className="flex h-[44px] flex-row items-center px-4 no-underline"
      >
        <Text numberOfLines={1} className="flex-1 font-body text-16 text-railink">
          {says} <Text className="font-bold underline">Test</Text>
        </Text>
      </Link>
    </View>
  );
}
