import type { RunStep } from '@potter/core/verb';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { Act } from '@/ui/button';
import { Slider } from '@/ui/slider';
import { Small } from '@/ui/type';
import { useKeys } from '@/ui/use-keys';

/** From one move to the next while it plays, ms. */
const STEP_MS = 700;

/** The pour move by move: a ruler with one tick a move, to be gone along by hand or played. */
export function TimeLine({
  steps,
  at,
  computing,
  onAt,
}: {
  readonly steps: readonly RunStep[];
  /** So many moves are done. */
  readonly at: number;
  readonly computing: boolean;
  readonly onAt: (done: number) => void;
}) {
  const [playing, setPlaying] = useState(false);
  const last = steps.length;
  const play = () => {
    if (!playing && at >= last) onAt(0);
    setPlaying(!playing);
  };
  useKeys({ p: play });
  const waits = playing && !computing;
  useEffect(() => {
    if (!waits) return;
    const timer = setTimeout(() => (at >= last ? setPlaying(false) : onAt(at + 1)), STEP_MS);
    return () => clearTimeout(timer);
  }, [waits, at, last, onAt]);
  const done = steps[at - 1];
  const says =
    at >= last
      ? 'all moves done'
      : done
        ? `after ${at} of ${last}, ${done.title}`
        : 'before the first move';
  return (
    <View>
      <Slider label="Moves" value={at} min={0} max={last} step={1} says={says} onChange={onAt} />
      <View aria-hidden className="mx-2 -mt-3 h-[10px] flex-row justify-between">
        {Array.from({ length: last + 1 }, (_, i) => (
          <View key={i} className={`w-px bg-ink ${i % 5 === 0 ? 'h-[10px]' : 'h-[6px]'}`} />
        ))}
      </View>
      <View className="min-h-[44px] flex-row items-center gap-3">
        <Act label={playing ? 'Stop' : 'Play the moves'} onPress={play} />
        {computing ? <Small>computing the pictures of the moves</Small> : null}
      </View>
    </View>
  );
}
