import { medium, type MixSchool } from './define';

export const dumpColour: MixSchool = {
  id: 'dump',
  name: 'Dump colour',
  goodFor: 'The thin colour over the pearls; thinner for finer lines, too much hides them.',
  consistency: 'thin',
  ratio: () => ({ ...medium('conditioner', 1), waterParts: 1 }),
};
