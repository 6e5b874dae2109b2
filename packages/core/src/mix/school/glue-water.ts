import { medium, type MixSchool, withWater } from './define';

export const glueAndWater: MixSchool = {
  id: 'glue-water',
  name: 'Glue and water',
  goodFor: 'Backgrounds and practice: the cheapest, dries hard.',
  ratio: () => medium('glue-water', 1),
  thinned: withWater,
};
