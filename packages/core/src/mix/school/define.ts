import type { Body, Paint } from '../../paint/schema';
import type { Consistency, Mix } from '../schema';

/** Medium and water to one part of paint. */
export type Ratio = Pick<Mix, 'medium' | 'waterParts'>;

/** A way of making a mix, as studios hand it on. A new one is one such file (common practice, no published source). */
export interface MixSchool {
  readonly id: string;
  readonly name: string;
  readonly goodFor: string;
  /** What it is made for, where that is not a colour of the cups. */
  readonly use?: 'base' | 'activator';
  /** The step it is made for; absent where the pour decides. */
  readonly consistency?: Consistency;
  /** The recipe as it is stated, by the body of the paint. */
  readonly ratio: (body: Body) => Ratio;
  /** The ratio with so many parts of thinner more; absent where it is poured as stated. */
  readonly thinned?: (stated: Ratio, parts: number) => Ratio;
  /** Paints it is made of, where it brings its own. */
  readonly paints?: readonly Paint[];
}

export const medium = (id: string, parts: number): Ratio => ({ medium: { id, parts } });

/** Thinning with nothing but water. */
export const withWater = (stated: Ratio, parts: number): Ratio => ({
  ...stated,
  waterParts: Number(((stated.waterParts ?? 0) + parts).toFixed(4)),
});
