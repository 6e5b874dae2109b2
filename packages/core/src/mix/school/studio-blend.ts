import { medium, type MixSchool, withWater } from './define';

/** The blend's own ratio is not handed on; two parts is an estimate. */
export const studioBlendMix: MixSchool = {
  id: 'studio-blend',
  name: 'Studio blend',
  goodFor: 'One bottle for everything: slides, binds and shines a little.',
  ratio: (body) => medium('studio-blend', body === 'heavy' ? 3 : 2),
  thinned: withWater,
};
