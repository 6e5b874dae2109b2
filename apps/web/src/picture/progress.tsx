import { useSyncExternalStore } from 'react';
import { View } from 'react-native';
import { Act } from '@/ui/button';
import { ProgressBar } from '@/ui/progress-bar';
import { Body } from '@/ui/type';
import { pourHost } from './pour-host';
import { usePouring } from './use-pour';

const DOING = { pouring: 'Pouring', looking: 'Looking closer' } as const;

interface Props {
  /** The plan's. */
  readonly id: string;
  /** Said once there is nothing to wait for. */
  readonly idle: string;
}

/** What is being computed, how far it is, and the way to stop it; what went wrong, and the way on. */
export function Progress({ id, idle }: Props) {
  const { doing, failed, stopped } = usePouring(id);
  if (failed)
    return (
      <View role="alert" className="border-l-[6px] border-l-ink bg-raised px-3 py-1">
        <Body>The preview could not be computed: {failed}.</Body>
        <Act label="Try again" onPress={pourHost.again} />
      </View>
    );
  if (stopped)
    return (
      <View className="flex-row flex-wrap items-center gap-x-3">
        <Body>Stopped.</Body>
        <Act label="Go on" onPress={pourHost.again} />
      </View>
    );
  if (!doing && idle === '') return null;
  return (
    <View className="min-h-[44px] flex-row items-center gap-3">
      {doing ? (
        <>
          <Body>{DOING[doing]}</Body>
          <Bar label={DOING[doing]} />
          <Act label="Stop" onPress={pourHost.stop} />
        </>
      ) : (
        <Body>{idle}</Body>
      )}
    </View>
  );
}

/** Follows how far it is by itself: nothing around it is rendered anew as it grows. */
function Bar({ label }: { readonly label: string }) {
  const percent = useSyncExternalStore(pourHost.share.subscribe, percentDone);
  return <ProgressBar label={label} percent={percent} />;
}

const percentDone = (): number => Math.round(100 * pourHost.share.get());
