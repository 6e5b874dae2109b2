import { bubblesLeaveIn, type Standing, standing } from '@potter/core/plan';
import { Link, usePathname } from 'expo-router';
import { useEffect, useRef } from 'react';
import { Text, View } from 'react-native';
import { keptPlans } from '@/data/kept';
import { useRuns } from '@/data/runs';
import { useSettings } from '@/data/settings';
import { chime } from '@/run/chime';
import { localTime } from '@/ui/local-time';
import { useNow } from '@/ui/use-now';

interface Stood {
  readonly id: string;
  readonly mixes: readonly [Standing, ...Standing[]];
}

interface Still {
  readonly id: string;
  readonly title: string;
  readonly left: number;
}

/** So long after they are out nobody wants to hear of bubbles any more. */
const FORGOTTEN_MIN = 60;
/** Often enough for minutes. */
const EVERY_MS = 20_000;

/** Mixes that have stood half an hour and more, in sight wherever one is but at the test itself, until they are tested or poured. */
export function StandingBand() {
  // What this device keeps says nothing as it changes: it is read anew.
  'use no memo';
  const path = usePathname();
  const { runs } = useRuns();
  const { chimes } = useSettings();
  const now = useNow(EVERY_MS);
  const stood = keptPlans().flatMap(({ id, plan }): Stood[] => {
    if (!plan.made) return [];
    const poured = runs.find((r) => r.planId === id);
    const [longest, ...others] = standing(
      plan,
      localTime(now),
      poured && localTime(poured.startedAt),
    );
    return longest ? [{ id, mixes: [longest, ...others] }] : [];
  });
  const still = keptPlans().flatMap(({ id, plan }): Still[] => {
    const left = bubblesLeaveIn(plan, localTime(now));
    const poured = runs.some((r) => r.planId === id && localTime(r.startedAt) >= plan.shaken!);
    return left === undefined || poured || left < -FORGOTTEN_MIN
      ? []
      : [{ id, title: plan.title, left }];
  });
  const due = [
    ...stood.flatMap((s) => s.mixes.map((m) => `${s.id} ${m.mix}`)),
    ...still.flatMap((s) => (s.left <= 0 ? [`${s.id} bubbles`] : [])),
  ].join();
  const rung = useRef('');
  useEffect(() => {
    if (due !== '' && due !== rung.current && chimes) chime();
    rung.current = due;
  }, [due, chimes]);
  const shown = stood.filter((s) => path !== `/plans/${s.id}/coach`).slice(0, 2);
  if ((shown.length === 0 && still.length === 0) || path.startsWith('/run/')) return null;
  return (
    <View role="region" aria-label="Mixes that stand" className="bg-rail">
      {still.slice(0, 2).map(({ id, title, left }) => (
        <Link
          key={`bubbles ${id}`}
          href={`/plans/${id}/mixes`}
          className="flex min-h-[44px] flex-row items-center px-4 py-2 no-underline"
        >
          <Text className="flex-1 font-body text-16 text-railink">
            {left > 0
              ? `${title}: the mixes stand ${left} min more.`
              : `${title}: the mixes have stood, the bubbles are out.`}
          </Text>
        </Link>
      ))}
      {shown.map(({ id, mixes: [longest, ...others] }) => (
        <Link
          key={id}
          href={`/plans/${id}/coach`}
          className="flex min-h-[44px] flex-row items-center px-4 py-2 no-underline"
        >
          <Text className="flex-1 font-body text-16 text-railink">
            {others.length === 0
              ? `${longest.name} has stood ${longest.minutes} min.`
              : `${others.length + 1} mixes have stood ${longest.minutes} min.`}{' '}
            <Text className="font-bold underline">Test again</Text>
          </Text>
        </Link>
      ))}
    </View>
  );
}
