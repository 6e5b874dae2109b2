import { CUPS, type Vessel, vesselOf } from '@potter/core/vessel';
import { useState } from 'react';
import { device } from '@/data/device';

/** Which scale amounts are read off: one of the artist's own, typed or over the air, or a practice scale. */
export type ScaleWay = 'typed' | 'air' | 'grams' | 'tenths';
/** Where amounts are read: off a scale, or by eye. */
export type Way = ScaleWay | 'eye';
/** Between two additions the scale is tared, or it adds up. */
export type Adding = 'tare' | 'sum';

export interface Ways {
  readonly way: Way;
  readonly adding: Adding;
  /** What is mixed in, for those who measure by its marks. */
  readonly vessel: Vessel;
}

const START: Ways = { way: 'typed', adding: 'tare', vessel: vesselOf(CUPS.at(-1)!) };

/** How this artist measures, remembered on the device. */
export function useWays(): readonly [Ways, (change: Partial<Ways>) => void] {
  const [ways, setWays] = useState<Ways>(() => ({ ...START, ...device.get<Ways>('weigh.ways') }));
  return [
    ways,
    (change) => {
      const next = { ...ways, ...change };
      device.set('weigh.ways', next);
      setWays(next);
    },
  ];
}
