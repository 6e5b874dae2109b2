import type { SpotLayer } from '@potter/core/flow';
import type { Preview } from '@potter/core/plan';
import { useCallback, useState } from 'react';
import { pourHost } from '@/picture/pour-host';

/** A place that was asked about, and what lies there. */
export interface Spot {
  readonly at: readonly [number, number];
  /** What was drilled it was drilled in. */
  readonly of: Preview;
  /** A core of each pour, the last first; none while it is drilled. */
  readonly cores?: readonly (readonly SpotLayer[])[];
}

/** The place asked about last, and the way to ask about another, mm. */
export function useDrill() {
  const [spot, setSpot] = useState<Spot>();
  const drill = useCallback((xMm: number, yMm: number) => {
    const { of } = pourHost.get();
    if (!of) return;
    // What was had before has to be poured first: where it is to be drilled is seen at once.
    setSpot({ at: [xMm, yMm], of });
    void pourHost.drill(xMm, yMm).then((cores) => setSpot({ at: [xMm, yMm], of, cores }));
  }, []);
  return { spot, drill };
}

/** A core of another pour says nothing about this one. */
export const drilledIn = (spot: Spot | undefined, of: Preview | undefined): Spot | undefined =>
  spot && spot.of === of ? spot : undefined;
