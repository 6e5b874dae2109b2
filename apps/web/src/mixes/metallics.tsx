import { edit as edits, holdsMetal, type Plan } from '@potter/core/plan';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Choice } from '@/ui/choice';
import { Small } from '@/ui/type';

type Kept = NonNullable<Plan['metallics']>;

/** Schools differ on metallics: the artist's own way, with the reason for each. */
export function Metallics() {
  const { plan, edit } = usePlan();
  if (!plan.mixes.some((m) => holdsMetal(plan, m.id))) return null;
  return (
    <View className="gap-1">
      <Choice<Kept | ''>
        label="Metallics"
        value={plan.metallics ?? ''}
        options={[
          { value: 'thicker', label: 'A step thicker' },
          { value: 'alike', label: 'Like the rest' },
        ]}
        onChange={(kept) => kept && edit((p) => edits.setMetallics(p, kept))}
      />
      <Small>
        {plan.metallics === 'alike'
          ? 'All alike: a matt metallic under the others is what makes the cells.'
          : plan.metallics === 'thicker'
            ? 'Thicker than the rest, they do not sink and vanish.'
            : 'Thicker, or they may sink and vanish; or like the rest, since a matt metallic makes cells. Both are done.'}
      </Small>
    </View>
  );
}
