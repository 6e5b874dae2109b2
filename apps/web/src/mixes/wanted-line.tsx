import type { Mix } from '@potter/core/mix';
import { edit as edits, wantedConsistency } from '@potter/core/plan';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { Body } from '@/ui/type';
import { useConsistencyName } from './consistency-name';

/** How thick this pour wants a mix, and why; an act where the mix is meant to be something else. */
export function WantedLine({ index, mix }: { readonly index: number; readonly mix: Mix }) {
  const { plan, edit } = usePlan();
  const nameOf = useConsistencyName();
  const wanted = wantedConsistency(plan, mix.id);
  return (
    <View className="gap-2">
      <Body>{wanted.why}</Body>
      {wanted.step === mix.consistency ? null : (
        <Button
          className="self-start"
          label={`Make it ${nameOf(wanted.step)}`}
          onPress={() => edit((p) => edits.toWanted(p, index))}
        />
      )}
    </View>
  );
}
