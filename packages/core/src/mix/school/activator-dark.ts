import { medium, type MixSchool } from './define';

export const darkActivator: MixSchool = {
  id: 'activator-dark',
  name: 'Activator, black',
  goodFor: 'Blooms and swipes with dark lacing; take a strong black.',
  use: 'activator',
  consistency: 'thin',
  ratio: (body) => medium('conditioner-thin', body === 'fluid' || body === 'ready' ? 3 : 4),
};
