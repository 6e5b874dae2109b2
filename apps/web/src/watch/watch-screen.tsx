import type { Plan } from '@potter/core/plan';
import { useState } from 'react';
import { View } from 'react-native';
import { outlineBetween } from '@/journal/squared';
import { Squaring } from '@/journal/squaring';
import { useWakeLock } from '@/run/wake-lock';
import { Button } from '@/ui/button';
import { Screen } from '@/ui/screen';
import { Waiting } from '@/ui/state';
import { Choosing, EVERY, type Every } from './choosing';
import { Framing } from './framing';
import { Pouring } from './pouring';
import { useWatch } from './use-watch';
import type { Taken } from './watch-rest';
import { Watching } from './watching';

interface Props {
  readonly plan: Plan;
  readonly keep: (taken: Taken) => Promise<void>;
  readonly onLeave: () => void;
}

/** A piece watched while it rests: a camera stood over it, its corners looked at once, and from then on nothing to be done. */
export function WatchScreen({ plan, keep, onLeave }: Props) {
  const [every, setEvery] = useState<Every>('30');
  const { stage, choose, begin, watch, stop, again } = useWatch({
    plan,
    everyMs: EVERY[every] * 1000,
    keep,
  });
  useWakeLock(stage.is !== 'choosing' && stage.is !== 'over');
  return (
    <Screen title="Watch it rest" acts={<Button label="Back" onPress={onLeave} />}>
      <View className="gap-4 wide:max-w-[720px]">
        {stage.is === 'choosing' ? (
          <Choosing every={every} onEvery={setEvery} fault={stage.fault} onChoose={choose} />
        ) : null}
        {stage.is === 'opening' ? (
          stage.which === 'phone' ? (
            <Waiting what="Opening the camera" />
          ) : (
            <Pouring share={stage.share ?? 0} />
          )
        ) : null}
        {stage.is === 'framing' ? (
          <Framing camera={stage.camera} onBegin={() => begin(stage.camera)} onLeave={again} />
        ) : null}
        {stage.is === 'corners' ? (
          <Squaring
            url={stage.url}
            picture={() => Promise.resolve(stage.first.picture)}
            known={undefined}
            plan={plan}
            onKeep={(corners) => corners && watch(stage.camera, { ...stage.first, corners })}
            onLeave={again}
          />
        ) : null}
        {stage.is === 'watching' || stage.is === 'over' ? (
          <Watching
            seen={stage.seen}
            plan={plan}
            outline={stage.seen.last ? outlineBetween(stage.seen.last.corners, plan) : []}
            {...(stage.is === 'watching'
              ? {
                  camera: stage.camera,
                  nextAt: (stage.seen.last?.at ?? stage.seen.first) + EVERY[every] * 1000,
                }
              : {})}
            onStop={stop}
            onAgain={again}
          />
        ) : null}
      </View>
    </Screen>
  );
}
