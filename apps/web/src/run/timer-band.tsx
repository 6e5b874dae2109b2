import { silence } from '@potter/core/journal';
import { Link, usePathname } from 'expo-router';
import { useEffect, useRef } from 'react';
import { Pressable, Text, View } from 'react-native';
import { putRun } from '@/data/runs';
import { useSettings } from '@/data/settings';
import { clock } from '@/ui/local-time';
import { useNow } from '@/ui/use-now';
import { chime } from './chime';
import { runClock } from './run-clock';
import { useTimers } from './use-timers';

/** Running timers, in sight everywhere but on the bench and the run's own screens, which show them large; watching a rest one sees them too. */
export function TimerBand() {
  const now = useNow(1000, runClock.now);
  const path = usePathname();
  const timers = useTimers(now);
  const { chimes } = useSettings();
  const due = timers
    .filter((t) => t.dueAt <= now)
    .map((t) => `${t.run.id} ${t.at}`)
    .join();
  const rung = useRef('');
  useEffect(() => {
    if (due !== '' && due !== rung.current && chimes) chime();
    rung.current = due;
  }, [due, chimes]);
  const shown = path === '/bench' || (path.startsWith('/run/') && !path.endsWith('/watch'));
  if (timers.length === 0 || shown) return null;
  return (
    <View role="region" aria-label="Running timers" className="bg-rail">
      {timers.slice(0, 3).map((timer) => {
        const left = (timer.dueAt - now) / 1000;
        return (
          <View key={`${timer.run.id} ${timer.at}`} className="h-[44px] flex-row items-center">
            <Link
              href={`/run/${timer.run.id}`}
              aria-label={`${timer.title}, ${timer.run.plan.title}, ${left > 0 ? `${clock(left)} left` : 'time is up'}`}
              className="flex h-[44px] flex-1 flex-row items-center gap-3 px-4 no-underline"
            >
              <Text
                className="font-display text-20 text-railink"
                style={{ fontVariant: ['tabular-nums'] }}
              >
                {clock(left)}
              </Text>
              <Text numberOfLines={1} className="flex-1 font-body text-16 text-railink">
                {timer.title}, {timer.run.plan.title}
              </Text>
            </Link>
            {left <= 0 ? (
              <Pressable
                role="button"
                aria-label={`Seen: ${timer.title}`}
                onPress={() => putRun(silence(timer.run, timer.at))}
                className="h-[44px] justify-center px-4"
              >
                <Text className="font-bold text-16 text-railink underline">Seen</Text>
              </Pressable>
            ) : null}
          </View>
        );
      })}
    </View>
  );
}
