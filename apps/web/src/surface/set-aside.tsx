import { type PotAmount, setAside } from '@potter/core/budget';
import { trim } from '@potter/core/quantity';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Body, Heading } from '@/ui/type';

const FOR: Readonly<Record<PotAmount['use'], string>> = {
  colour: 'for the cups',
  base: 'for the base',
  activator: 'for the activator',
  edge: 'for the edges',
  extender: 'as extender',
  keep: 'kept for repairs',
  dots: 'for dots on the dry coat',
};

/** Batches that are shared out, in the order their pots are set aside: the cups first, the base has the rest. */
export function SetAside() {
  const { brief, plan } = usePlan();
  const batches = setAside(brief.budget).filter((b) => b.pots.length > 1);
  if (batches.length === 0) return null;
  return (
    <View className="gap-1" role="region" aria-label="Set aside">
      <Heading>Set aside, in this order</Heading>
      {batches.map((batch) => (
        <Body key={batch.mix}>
          {plan.mixes.find((m) => m.id === batch.mix)?.name}, {trim(batch.g, 1)} g:{' '}
          {batch.pots.map((p) => `${trim(p.g, 1)} g ${FOR[p.use]}`).join(', then ')}.
        </Body>
      ))}
    </View>
  );
}
