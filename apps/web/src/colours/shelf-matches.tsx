import { type Match, nearest } from '@potter/core/optics';
import type { Paint } from '@potter/core/paint';
import { edit as edits } from '@potter/core/plan';
import { View } from 'react-native';
import { usePaints } from '@/data/shelf';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { Chip } from '@/ui/chip';
import { Body, Small, Strong } from '@/ui/type';

const HOW: Readonly<Record<Match<Paint>['how'], string>> = {
  same: 'the same to the eye',
  near: 'near it',
  far: 'far from it',
};

/** A colour that is wanted, and what is said of it. */
export interface Wanted {
  readonly name: string;
  readonly hex: string;
  readonly says?: string;
  /** The paint that is to play it; without it the one that comes nearest. */
  readonly paint?: Paint;
  /** Nothing is to be had for it. */
  readonly none?: true;
}

/** Each wanted colour with the paint of the shelf that comes nearest, to be taken into the plan. */
export function ShelfMatches({
  label,
  wanted,
}: {
  readonly label: string;
  readonly wanted: readonly Wanted[];
}) {
  const { plan, edit } = usePlan();
  const shelf = usePaints().map((item) => item.paint);
  return (
    <View role="list" aria-label={label}>
      {wanted.map((colour, i) => {
        const match = colour.none ? undefined : nearest(colour.hex, shelf);
        const paint = colour.paint ?? match?.of;
        const inPlan = paint && plan.paints.some((p) => p.id === paint.id);
        return (
          <View
            role="listitem"
            key={i}
            className="flex-row items-center gap-3 border-b border-rule py-2"
          >
            <Chip size={36} overWhite={colour.hex} overBlack={colour.hex} />
            {paint ? <Chip size={36} overWhite={paint.hex} overBlack={paint.hex} /> : null}
            <View className="min-w-0 flex-1">
              <Strong lines={1}>{colour.name}</Strong>
              {colour.says ? <Small lines={2}>{colour.says}</Small> : null}
              <Small lines={2}>
                {paint
                  ? colour.paint
                    ? paint.name
                    : `${paint.name}, ${HOW[match!.how]}`
                  : shelf.length === 0
                    ? 'The shelf has no paints.'
                    : 'Nothing on the shelf does it.'}
              </Small>
            </View>
            {paint ? (
              inPlan ? (
                <Body>in the plan</Body>
              ) : (
                <Button
                  label="Add"
                  name={`Add ${paint.name}`}
                  onPress={() => edit((p) => edits.addColour(p, paint))}
                />
              )
            ) : null}
          </View>
        );
      })}
    </View>
  );
}
