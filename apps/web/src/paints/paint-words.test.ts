import type { Paint } from '@potter/core/paint';
import { goesBy } from './paint-words';

const blue: Paint = {
  id: 'b',
  name: 'Phthalo blue (green shade)',
  hex: '#0f2a6e',
  opacity: 'transparent',
  body: 'soft',
  finish: 'satin',
  pigments: ['PB15:3'],
};

test.each([
  ['', true],
  ['phth bl', true],
  ['shade blue', true],
  ['pb15', true],
  ['lue', false],
  ['phthalo red', false],
])('a paint goes by the beginnings of its words: “%s” %s', (search, does) =>
  expect(goesBy(blue, search)).toBe(does),
);
