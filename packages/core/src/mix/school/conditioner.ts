import { medium, type MixSchool, withWater } from './define';

export const conditionerOnly: MixSchool = {
  id: 'conditioner-only',
  name: 'Conditioner only',
  goodFor: 'Flips, swipes and tilts: slides well, dries matt.',
  ratio: (body) => medium('conditioner', body === 'heavy' ? 2 : 1),
  thinned: withWater,
};
