import type { Rescue } from '@potter/core/mix';
import { trim } from '@potter/core/quantity';
import { View } from 'react-native';
import { Button } from '@/ui/button';
import { Body, Strong } from '@/ui/type';

/** Poured over: what would make it good, what the whole comes to, and where the surplus goes. */
export const RescuePanel = ({
  overG,
  rescue,
  surplus,
  onRescue,
  onLeave,
}: {
  readonly overG: number;
  readonly rescue: Rescue;
  /** What so much of the whole means to the pots, as a sentence. */
  readonly surplus?: string;
  readonly onRescue: () => void;
  readonly onLeave: () => void;
}) => (
  <View className="gap-2 border-l-[6px] border-l-ink bg-raised p-3" role="alert">
    <Strong>Too much of it, by {trim(overG, 1)} g.</Strong>
    <Body>
      With more of everything the recipe holds: {trim(rescue.wholeG, 1)} g in all,{' '}
      {trim(rescue.moreG, 1)} g more than planned.{surplus ? ` ${surplus}` : ''}
    </Body>
    <Button
      primary
      className="min-h-[64px]"
      label={`More of everything, ${trim(rescue.moreG, 1)} g`}
      onPress={onRescue}
    />
    <Button className="min-h-[64px]" label="Leave it as it is" onPress={onLeave} />
  </View>
);
