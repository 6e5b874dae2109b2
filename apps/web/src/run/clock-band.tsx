import { useEffect, useState } from 'react';
import { Pressable, Text, View } from 'react-native';
import { useRuns } from '@/data/runs';
import { useNow } from '@/ui/use-now';
import { forgetTime, runClock, writeDown } from './run-clock';

const EVERY_MS = 2000;
const HOUR_MS = 3_600_000;

const spanWords = (ms: number): string =>
  ms >= HOUR_MS
    ? `${Math.round(ms / HOUR_MS)} h`
    : ms >= 60_000
      ? `${Math.round(ms / 60_000)} min`
      : `${Math.round(ms / 1000)} s`;

/** Says that the device's clock was set back while a pour is under way, until it is seen. */
export function ClockBand() {
  // How far a clock was set back is read off it, anew as it ticks.
  'use no memo';
  const now = useNow(EVERY_MS, runClock.now);
  const [seenMs, setSeenMs] = useState(0);
  const { runs, loaded } = useRuns();
  const setBackMs = runClock.setBackMs();
  const underWay = runs.some((r) => r.run !== undefined && r.endedAt === undefined);
  useEffect(() => {
    if (underWay) writeDown();
    else if (loaded) forgetTime();
  }, [underWay, loaded, now]);
  if (setBackMs === seenMs || !underWay) return null;
  return (
    <View role="status" className="flex-row items-center bg-rail px-4">
      <Text className="flex-1 py-3 font-body text-16 text-railink">
        The clock of this device was set back by {spanWords(setBackMs)}. The timers go on as they
        were.
      </Text>
      <Pressable
        role="button"
        aria-label="Seen: the clock was set back"
        onPress={() => setSeenMs(setBackMs)}
        className="h-[44px] justify-center pl-4"
      >
        <Text className="font-bold text-16 text-railink underline">Seen</Text>
      </Pressable>
    </View>
  );
}
