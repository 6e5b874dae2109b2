import { type Static, Type } from '@sinclair/typebox';
import { FACTORS } from '../factor';
import { Id } from '../schema/parts';
import { type Body, BodySchema, type Paint } from '../paint/schema';
import { justInside, stepLimits } from './consistency';
import type { Consistency, Mix } from './schema';

/** How mixes of one kind, a body of paint with a medium, have been found to come out against what is reckoned. */
export const LandingSchema = Type.Object(
  {
    body: BodySchema,
    /** Absent: poured as it comes. */
    medium: Type.Optional(Id),
    /** So many times as thick as reckoned. */
    times: Type.Number({ minimum: 0.05, maximum: 20 }),
  },
  { additionalProperties: false },
);
export type Landing = Static<typeof LandingSchema>;

/** What comes out alike: paints of one body with one medium. */
export interface Kind {
  readonly body: Body;
  readonly medium?: string;
}

/** The kind of a mix, by the paint it begins with. */
export const kindOf = (mix: Mix, paintOf: (id: string) => Paint): Kind => ({
  body: paintOf(mix.paints[0]!.paint).body,
  ...(mix.medium ? { medium: mix.medium.id } : {}),
});

const isOf = (landing: Landing, { body, medium }: Kind): boolean =>
  landing.body === body && landing.medium === medium;

/** How many times as thick as reckoned a kind comes out: 1 where nothing has been found. */
export const timesOf = (landings: readonly Landing[], kind: Kind): number =>
  landings.find((l) => isOf(l, kind))?.times ?? 1;

/** What a mix is, Pa·s, that was reckoned to be so thick and is right for a step: the nearest the step allows. */
export function rightPaS(reckonedPaS: number, step: Consistency): number {
  const { fromPaS, belowPaS } = stepLimits(step);
  if (reckonedPaS >= fromPaS && reckonedPaS < belowPaS) return reckonedPaS;
  const { fromThin, fromThick } = justInside(step, FACTORS['aims-inside'].usual);
  return Math.exp(reckonedPaS < fromPaS ? fromThin : fromThick);
}

/** The landings once a mix of a kind was found right for a step: all of its kind come out as this one does. */
export function landedRight(
  landings: readonly Landing[],
  kind: Kind,
  reckonedPaS: number,
  step: Consistency,
): Landing[] {
  const times = timesOf(landings, kind) * (rightPaS(reckonedPaS, step) / reckonedPaS);
  const others = landings.filter((l) => !isOf(l, kind));
  return [...others, { ...kind, times: Number(Math.min(20, Math.max(0.05, times)).toFixed(4)) }];
}
