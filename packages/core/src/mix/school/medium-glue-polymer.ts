import { medium, type MixSchool, withWater } from './define';

export const mediumGluePolymerMix: MixSchool = {
  id: 'medium-glue-polymer',
  name: 'Medium, glue, polymer',
  goodFor: 'Thick films that must not craze; water next, silicone last.',
  ratio: () => medium('medium-glue-polymer', 1),
  thinned: withWater,
};
