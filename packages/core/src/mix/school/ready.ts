import type { MixSchool } from './define';

export const readyToPour: MixSchool = {
  id: 'ready',
  name: 'Ready to pour',
  goodFor: 'Straight from the bottle: shake it, then let it stand 30 min so that bubbles leave.',
  ratio: () => ({}),
};
