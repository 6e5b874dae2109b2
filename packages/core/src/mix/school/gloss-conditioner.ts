import { medium, type MixSchool, withWater } from './define';

export const glossWithConditioner: MixSchool = {
  id: 'gloss-conditioner',
  name: 'Gloss medium with conditioner',
  goodFor: 'Straight-to-ring and ribbons: the centre keeps together when it is stretched.',
  ratio: (body) => medium('gloss-conditioner', body === 'heavy' ? 2 : 1),
  thinned: withWater,
};
