import { medium, type MixSchool, withWater } from './define';

export const glueWaterConditionerMix: MixSchool = {
  id: 'glue-water-conditioner',
  name: 'Glue, water, conditioner',
  goodFor: 'Flips and tilts on a budget: 40 g of medium and 20 g of paint make a 60 g cup.',
  ratio: () => medium('glue-water-conditioner', 2),
  thinned: withWater,
};
