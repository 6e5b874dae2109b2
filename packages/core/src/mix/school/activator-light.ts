import { medium, type MixSchool, withWater } from './define';

export const lightActivator: MixSchool = {
  id: 'activator-light',
  name: 'Activator, white',
  goodFor: 'Blooms and swipes with white lacing; water until it leaves no mound.',
  use: 'activator',
  consistency: 'thin',
  ratio: () => medium('conditioner', 2),
  thinned: withWater,
};
