import { medium, type MixSchool, withWater } from './define';

export const conditionerFluid: MixSchool = {
  id: 'conditioner-fluid',
  name: 'Conditioner, very fluid',
  goodFor: 'Spirals, open cups and Dutch pours: up to four parts to one of paint.',
  ratio: () => medium('conditioner', 4),
  thinned: withWater,
};
