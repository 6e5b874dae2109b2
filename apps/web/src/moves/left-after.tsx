import type { RunStep } from '@potter/core/verb';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Small } from '@/ui/type';
import { Mass } from '@/ui/units';

const POTS = {
  base: 'base',
  activator: 'activator',
  edge: 'edges',
  extender: 'extender',
  dots: 'dots',
  coat: 'coat',
} as const;

/** Less than this in a cup is what clings to it, g. */
const EMPTY_G = 0.5;

/** What is left, after a move, of what it took from. */
export function LeftAfter({ step }: { readonly step: RunStep }) {
  const { plan } = usePlan();
  if (step.leaves.length === 0) return null;
  return (
    <View
      className="flex-row flex-wrap items-baseline gap-x-3"
      role="group"
      aria-label="Left after it"
    >
      {step.leaves.map(({ cup, use, g }) => {
        const of =
          cup === undefined
            ? `the pot for the ${POTS[use ?? 'base']}`
            : `cup ${plan.cups.findIndex((c) => c.id === cup) + 1}`;
        return g < EMPTY_G ? (
          <Small key={of}>After it {of} is empty.</Small>
        ) : (
          <View key={of} className="flex-row items-baseline gap-1">
            <Mass g={g} size="text-16" />
            <Small>left in {of}</Small>
          </View>
        );
      })}
    </View>
  );
}
