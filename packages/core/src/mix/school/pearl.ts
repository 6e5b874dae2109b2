import { medium, type MixSchool } from './define';

export const pearlColour: MixSchool = {
  id: 'pearl',
  name: 'Pearl under-colour',
  goodFor: 'The thick metallics of a pearl pour; more of them gives more pearls.',
  consistency: 'thick',
  ratio: () => medium('conditioner', 1),
};
