import { saturationHPa } from './air';

/** A room as it is heated by day and left by night: its air holds the same water all the while. */
export interface RoomModel {
  readonly meanC: number;
  /** It swings so far to each side of that. */
  readonly swingC: number;
  /** How damp it is at its mean, %. */
  readonly rhAtMean: number;
  /** When it is warmest, hours of the day. */
  readonly warmestAtH: number;
}

/** A studio in autumn, invented. */
export const AUTUMN_ROOM: RoomModel = { meanC: 18, swingC: 2.5, rhAtMean: 55, warmestAtH: 16 };

/** A pocket thermometer shows tenths of a degree and whole per cents. */
const inTenths = (n: number): number => Math.round(n * 10) / 10;

/** What a thermometer and a hygrometer show in such a room at an hour of the day: warmer air is drier by as much as it could hold more. */
export function roomAt(
  { meanC, swingC, rhAtMean, warmestAtH }: RoomModel,
  hourOfDay: number,
): { readonly tempC: number; readonly rh: number } {
  const tempC = meanC + swingC * Math.cos((2 * Math.PI * (hourOfDay - warmestAtH)) / 24);
  const rh = (rhAtMean * saturationHPa(meanC)) / saturationHPa(tempC);
  return { tempC: inTenths(tempC), rh: Math.round(Math.min(100, rh)) };
}
