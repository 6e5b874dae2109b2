import { bubblesLeaveIn, edit as edits } from '@potter/core/plan';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { allowChime } from '@/run/chime';
import { Act, Button } from '@/ui/button';
import { localNow, localTime } from '@/ui/local-time';
import { Body, Small } from '@/ui/type';
import { useNow } from '@/ui/use-now';

/** Shaken mixes stand before they are poured: their bubbles would pass for cells. */
export function Bubbles() {
  const { plan, brief, edit } = usePlan();
  const left = bubblesLeaveIn(plan, localTime(useNow(10_000)), brief.factors);
  const minutes = brief.factors['bubbles-leave'];
  const shake = () => {
    allowChime();
    edit((p) => edits.setShaken(p, localNow()));
  };
  return (
    <View className="gap-1" role="group" aria-label="Bubbles">
      {left === undefined ? (
        <Button
          className="min-h-[64px]"
          label={`All shaken: stand ${minutes} min`}
          onPress={shake}
        />
      ) : (
        <View className="flex-row flex-wrap items-center gap-x-4" role="status">
          <Body>
            {left > 0
              ? `Bubbles leave: ${left} min to stand.`
              : 'They have stood: the bubbles are out.'}
          </Body>
          <Act label="Shaken again" onPress={shake} />
          <Act label="Not shaken" onPress={() => edit((p) => edits.setShaken(p, undefined))} />
        </View>
      )}
      <Small>
        Bubbles of freshly stirred paint pass for cells; where cells are wanted it is optional.
      </Small>
    </View>
  );
}
