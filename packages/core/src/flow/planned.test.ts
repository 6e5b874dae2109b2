import { BANDS } from '../optics/observer';
import { GROUND, plannedColours } from './planned';

/** An ink whose film, thick enough, gives so much of all light back (Kubelka and Munk: K/S = (1 − R)² ÷ 2R). */
const grey = (r: number) => ({
  q: new Array<number>(BANDS).fill((1 - r) ** 2 / (2 * r)),
  s: 40,
});
const ground = (r: number) => new Array<number>(BANDS).fill(r);

test('mixes no eye tells apart are one colour, whatever else they differ in; the ground is one where it looks like none', () => {
  const palette = {
    inks: { base: grey(0.8), dark: grey(0.1), again: grey(0.805) },
    ground: ground(0.3),
  };
  expect(plannedColours(palette).map(({ id, also }) => [id, also])).toEqual([
    ['base', ['again']],
    ['dark', undefined],
    [GROUND, undefined],
  ]);
  expect(plannedColours({ ...palette, ground: ground(0.8) }).map(({ id }) => id)).toEqual([
    'base',
    'dark',
  ]);
});
