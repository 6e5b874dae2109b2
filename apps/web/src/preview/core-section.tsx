import type { Brief, Plan } from '@potter/core/plan';
import { shapeOf } from '@potter/core/surface';
import { View } from 'react-native';
import { SpotCore } from '@/picture/spot-core';
import { drilledIn, type Spot } from '@/picture/use-drill';
import { usePouring } from '@/picture/use-pour';
import { PlaceFields } from '@/ui/place-fields';
import { Body, Heading, Small } from '@/ui/type';

interface Props {
  readonly id: string;
  readonly plan: Plan;
  readonly brief: Brief;
  readonly spot: Spot | undefined;
  /** What each pour is called, the first first. */
  readonly pours: readonly string[];
  readonly onSpot: (xMm: number, yMm: number) => void;
}

/** What lies at a place of the picture, drilled through every pour. */
export function CoreSection({ id, plan, brief, spot, pours, onSpot }: Props) {
  const { of, doing } = usePouring(id);
  const { widthMm, heightMm } = shapeOf(plan.surface.shape).bounds(plan.surface.shape);
  const drilled = drilledIn(spot, of);
  const at = drilled?.at ?? ([widthMm / 2, heightMm / 2] as const);
  return (
    <View className="gap-2">
      <Heading>A core of a spot</Heading>
      <Small>Tap the picture, or say where.</Small>
      <PlaceFields at={at} widthMm={widthMm} heightMm={heightMm} onPlace={onSpot} />
      <View aria-live="polite">
        {drilled && !drilled.cores && doing ? <Body>The core comes once it is poured.</Body> : null}
        {drilled?.cores?.map((layers, n, { length }) => (
          <SpotCore
            key={n}
            layers={layers}
            plan={plan}
            brief={brief}
            pour={length > 1 ? pours[length - 1 - n] : undefined}
          />
        ))}
      </View>
    </View>
  );
}
