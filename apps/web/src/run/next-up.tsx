import type { RunStep } from '@potter/core/verb';
import { Pressable, Text } from 'react-native';
import { useWide } from '@/ui/use-wide';

/** The lower half of the screen, the right one of a wide screen: a press goes on. It says what comes, and what the hand must have ready for it. */
export function NextUp({
  piece,
  next,
  low,
  onPress,
}: {
  /** The same once more, on this piece of a set. */
  readonly piece: string | undefined;
  /** The next move; undefined after the last. */
  readonly next: RunStep | undefined;
  /** While something else is on screen it is in nobody's way. */
  readonly low: boolean;
  readonly onPress: () => void;
}) {
  const wide = useWide();
  const room = wide || !low;
  const finishes = piece === undefined && next === undefined;
  const label = piece ?? (next ? `Next: ${next.title}` : 'Finish the pour');
  return (
    <Pressable
      role="button"
      aria-label={label}
      onPress={onPress}
      className={`${wide ? 'flex-1' : low ? 'h-[72px]' : 'h-[35dvh]'} items-center justify-center gap-2 bg-rail px-4`}
    >
      <Text className="text-center font-display text-34 leading-[38px] text-railink">
        {finishes ? 'Finish' : (piece ?? 'Next')}
      </Text>
      {!room ? null : finishes ? (
        <Text className="font-body text-16 text-railink">This was the last move.</Text>
      ) : next && piece === undefined ? (
        <>
          {next.hand.length > 0 ? (
            <Text
              numberOfLines={2}
              className="text-center font-bold text-20 leading-[26px] text-railink"
            >
              Have ready: {next.hand.join(', ')}
            </Text>
          ) : null}
          <Text numberOfLines={2} className="text-center font-body text-16 text-railink">
            {/* Most begin with what they are. */}
            {next.says.startsWith(next.title) ? next.says : `${next.title}: ${next.says}`}
          </Text>
        </>
      ) : null}
    </Pressable>
  );
}
