import type { Plan } from '@potter/core/plan';
import { shapeOf } from '@potter/core/surface';
import { useMat } from '@/ui/mat';
import { Picture } from './picture';
import { drilledIn, type Spot } from './use-drill';
import { usePouring } from './use-pour';

interface Props {
  readonly id: string;
  readonly plan: Plan;
  /** Said of it. */
  readonly label: string;
  /** Tallest it may become, px. */
  readonly mostHeight: number;
  /** Shown in its place, from where. */
  readonly instead?: string | undefined;
  readonly spot?: Spot | undefined;
  readonly onSpot?: (xMm: number, yMm: number) => void;
}

/** The picture of a plan's pour; it follows the pour by itself, so that nothing around it is rendered anew as one comes. */
export function PouredPicture({ id, plan, spot, ...rest }: Props) {
  const { picture, of } = usePouring(id);
  const mat = useMat();
  const { widthMm, heightMm } = shapeOf(plan.surface.shape).bounds(plan.surface.shape);
  const drilled = drilledIn(spot, of);
  return (
    <Picture
      picture={picture}
      widthMm={widthMm}
      heightMm={heightMm}
      mat={mat}
      {...(drilled ? { spot: drilled.at } : {})}
      {...rest}
    />
  );
}
