import { thickFilm } from '../cause/thick-film';
import { driesFast } from '../cause/dries-fast';
import { watery } from '../cause/watery';
import { defineFault } from '../define';

export const cracks = defineFault({
  id: 'cracks',
  title: 'Cracks or craters',
  says: 'The skin tore as it dried.',
  causes: [thickFilm, driesFast, watery],
});
