import { registry } from '../../registry';
import type { Body } from '../../paint/schema';
import { stepLimits } from '../consistency';
import type { Recipe } from '../recipe';
import type { Consistency, Mix } from '../schema';
import { darkActivator } from './activator-dark';
import { lightActivator } from './activator-light';
import { conditionerOnly } from './conditioner';
import { conditionerFluid } from './conditioner-fluid';
import { conditionerThenThinner } from './conditioner-thinner';
import type { MixSchool } from './define';
import { dumpColour } from './dump';
import { glossWithConditioner } from './gloss-conditioner';
import { glueAndWater } from './glue-water';
import { glueWaterConditionerMix } from './glue-water-conditioner';
import { mediumGluePolymerMix } from './medium-glue-polymer';
import { pearlColour } from './pearl';
import { pillow } from './pillow';
import { readyToPour } from './ready';
import { studioBlendMix } from './studio-blend';

export type { MixSchool } from './define';

/** Every way of making a mix, in the order they are offered. */
export const MIX_SCHOOLS: readonly MixSchool[] = Object.values(
  registry<MixSchool>()('school of mixes', [
    conditionerOnly,
    conditionerFluid,
    conditionerThenThinner,
    glueAndWater,
    glueWaterConditionerMix,
    studioBlendMix,
    glossWithConditioner,
    mediumGluePolymerMix,
    readyToPour,
    pillow,
    darkActivator,
    lightActivator,
    pearlColour,
    dumpColour,
  ]),
);

/** Thinner goes in by twentieths of the paint, up to as much as this. */
const PER_PART = 20;
const MOST_PARTS = 4;

/**
 * A mix made as a school makes it: its stated ratio by volume, then so much of its thinner, in twentieths of the paint, as brings the mix down to
 * the step wanted. Where it is thinner than that already, or no thinner reaches it, the stated ratio stands.
 * @param wanted the step the pour wants; a school made for a step of its own keeps that
 */
export function mixBySchool(
  mix: Mix,
  school: MixSchool,
  body: Body,
  wanted: Consistency,
  recipeOf: (mix: Mix) => Recipe,
): Mix {
  const { medium: _, waterParts: __, ...bare } = mix;
  const step = school.consistency ?? wanted;
  const stated = school.ratio(body);
  const at = (rung: number): Mix => ({
    ...bare,
    basis: 'volume',
    consistency: step,
    ...(rung > 0 && school.thinned ? school.thinned(stated, rung / PER_PART) : stated),
  });
  if (!school.thinned) return at(0);
  const { belowPaS } = stepLimits(step);
  for (let rung = 0; rung <= MOST_PARTS * PER_PART; rung++) {
    const tried = at(rung);
    if (recipeOf(tried).viscosityPaS < belowPaS) return tried;
  }
  return at(0);
}

const BODIES: readonly Body[] = ['heavy', 'soft', 'fluid', 'craft', 'ready'];

/** The school whose stated ratio a mix has, if it has one's; warnings about a recipe's own water are out of place there. */
export const schoolOf = (mix: Mix): MixSchool | undefined =>
  MIX_SCHOOLS.find(
    (school) =>
      mix.basis === 'volume' &&
      BODIES.some((body) => {
        const stated = school.ratio(body);
        return (
          stated.medium?.id === mix.medium?.id &&
          stated.medium?.parts === mix.medium?.parts &&
          (stated.waterParts ?? 0) === (mix.waterParts ?? 0)
        );
      }) &&
      (school.consistency === undefined || school.consistency === mix.consistency),
  );
