import { mlPerCm } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { clock } from '@/ui/local-time';
import { Small, Strong } from '@/ui/type';
import { Mass } from '@/ui/units';
import { LeftAfter } from './left-after';

/** What a move takes, how long it is, how much of it lies on a centimetre of its way, and what is left after it. */
export function MoveFigures({ index }: { readonly index: number }) {
  const { plan, brief } = usePlan();
  const step = brief.run[index];
  if (!step) return null;
  const thick = mlPerCm(plan, brief, index);
  return (
    <View className="gap-1">
      <View className="flex-row flex-wrap items-baseline gap-x-4 gap-y-1">
        <Strong>
          {index + 1} {step.title}
        </Strong>
        {step.takes.map((take, i) => (
          <Mass key={i} g={take.g} size="text-16" />
        ))}
        {step.endS > step.startS ? <Strong>{clock(step.endS - step.startS)}</Strong> : null}
        {thick === undefined ? null : <Small>{trim(thick, 2)} mL on a centimetre</Small>}
      </View>
      <LeftAfter step={step} />
    </View>
  );
}
