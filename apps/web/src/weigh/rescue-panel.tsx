import type { Rescue } from '@potter/core/mix';
import { View } from 'react-native';
import { Button } from '@/ui/button';
import { Body, Strong } from '@/ui/type';

/** Poured over: what would make it good, what the whole comes to, and where the surplus goes. */
export const RescuePanel = ({
  overG,
  rescue,
  say,
  surplus,
  onRescue,
  onLeave,
}: {
  readonly overG: number;
  /** Absent where nothing makes it good. */
  readonly rescue: Rescue | undefined;
  /** An amount in what it is measured in. */
  readonly say: (g: number) => string;
  /** What so much of the whole means to the pots, as a sentence. */
  readonly surplus?: string;
  readonly onRescue: () => void;
  readonly onLeave: () => void;
}) => (
  <View className="gap-2 border-l-[6px] border-l-ink bg-raised p-3" role="alert">
    <Strong>Too much of it, by {say(overG)}.</Strong>
    {rescue ? null : <Body>{surplus}</Body>}
    {rescue ? (
      <Body>
        With more of everything the recipe holds: {say(rescue.wholeG)} in all, {say(rescue.moreG)}{' '}
        more than planned.{surplus ? ` ${surplus}` : ''}
      </Body>
    ) : null}
    {rescue ? (
      <Button
        primary
        className="min-h-[64px]"
        label={`More of everything, ${say(rescue.moreG)}`}
        onPress={onRescue}
      />
    ) : null}
    <Button className="min-h-[64px]" label="Leave it as it is" onPress={onLeave} />
  </View>
);
