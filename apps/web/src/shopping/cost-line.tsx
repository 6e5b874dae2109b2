import type { Brief } from '@potter/core/plan';
import { View } from 'react-native';
import { money } from '@/ui/money';
import { Figure, Small, Strong } from '@/ui/type';

/** What a plan costs, all pieces and one, by what it goes on; what has no price is named, since the sum is then too low. */
export function CostLine({
  title,
  brief,
  nameOf,
}: {
  readonly title: string;
  readonly brief: Brief;
  /** What a paint, material or product is called. */
  readonly nameOf: (id: string) => string;
}) {
  const { cost, surface } = brief;
  return (
    <View className="border-b border-rule py-2">
      <View className="flex-row items-baseline justify-between gap-3">
        <Strong className="flex-1">{title}</Strong>
        <Figure figure={money(cost.total)} unit={cost.currency} />
      </View>
      <Small>
        Paint {money(cost.paint)}, medium {money(cost.medium)}, blank {money(cost.surface)}, top
        coat {money(cost.finish)}
        {surface.pieces > 1 ? `; one piece of ${surface.pieces}: ${money(cost.perPiece)}` : ''}
        {cost.unpriced.length > 0
          ? `; without a price: ${cost.unpriced.map(nameOf).join(', ')}`
          : ''}
      </Small>
    </View>
  );
}
