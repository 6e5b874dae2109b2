import { View } from 'react-native';
import { usePlan } from './plan-context';
import { Act } from '@/ui/button';
import { Heading, Small } from '@/ui/type';
import { OutcomeVitals } from '@/picture/figures';
import { PouredPicture } from '@/picture/poured-picture';
import { Progress } from '@/picture/progress';

/** The preview beside a station on a wide screen, always of the plan as it is. */
export function LivePreview() {
  const { id, plan, brief, outcome, seed, trySeed } = usePlan();
  return (
    <View className="gap-2" role="region" aria-label="Preview">
      <View className="flex-row items-baseline justify-between">
        <Heading>Preview</Heading>
        <Small>one of many · seed {seed}</Small>
        <Act label="Next seed" onPress={() => trySeed(seed + 1)} />
      </View>
      <PouredPicture
        id={id}
        plan={plan}
        mostHeight={300}
        label={`How ${plan.title} may turn out`}
      />
      {/* As high as either of them, before there is one: nothing below moves under a finger as the figures come. */}
      <View className="min-h-[45px]">
        {outcome ? <OutcomeVitals outcome={outcome} brief={brief} /> : null}
        <Progress id={id} idle="" />
      </View>
    </View>
  );
}
