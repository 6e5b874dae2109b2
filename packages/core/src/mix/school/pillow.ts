import type { Paint } from '../../paint/schema';
import type { MixSchool } from './define';

/** House paint is as thick as craft paint (3 Pa·s) and weighs 1.25 g/mL, both nominal and from memory. */
const houseSatin = (id: string, name: string, hex: string): Paint => ({
  id,
  name,
  hex,
  opacity: 'opaque',
  body: 'craft',
  finish: 'satin',
  densityGPerMl: 1.25,
});

export const pillow: MixSchool = {
  id: 'pillow',
  name: 'Pillow',
  goodFor: 'The wet bed of a bloom: thick satin house paint as sold, not thinned.',
  use: 'base',
  consistency: 'thick',
  ratio: () => ({}),
  paints: [
    houseSatin('house-white', 'House satin, white', '#f1f0ea'),
    houseSatin('house-black', 'House satin, tinted black', '#232323'),
  ],
};
