import { medium, type MixSchool } from './define';

const WATER = 0.9;

export const conditionerThenThinner: MixSchool = {
  id: 'conditioner-thinner',
  name: 'Conditioner, then thinner',
  goodFor: 'Mixes that must match to the drop: 90 % water with 10 % conditioner, little by little.',
  ratio: () => medium('conditioner', 2),
  thinned: (stated, parts) => ({
    medium: {
      id: 'conditioner',
      parts: Number(((stated.medium?.parts ?? 0) + (1 - WATER) * parts).toFixed(4)),
    },
    waterParts: Number((WATER * parts).toFixed(4)),
  }),
};
