import { openBook } from '../material/book';
import type { Paint } from '../paint/schema';
import { inParts } from './in-parts';
import { makeRecipe } from './recipe';
import type { Mix } from './schema';

const white: Paint = {
  id: 'w',
  name: 'White',
  hex: '#ffffff',
  opacity: 'opaque',
  body: 'soft',
  finish: 'satin',
  densityGPerMl: 1.4,
};
const parts = (change: Partial<Mix>) =>
  inParts(
    makeRecipe(
      {
        id: 'm',
        name: 'm',
        basis: 'volume',
        paints: [{ paint: 'w', parts: 1 }],
        consistency: 'medium',
        ...change,
      },
      () => white,
      openBook([], []),
    ),
  ).map(({ id, parts: n, splash }) => (splash ? `${id} a splash` : `${id} ${n}`));

test('parts to one of paint, to the quarter; a little water is a splash', () => {
  const medium = { id: 'conditioner', parts: 2 };
  expect(parts({ medium, waterParts: 0.3 })).toEqual(['w 1', 'conditioner 2', 'water 0.25']);
  expect(parts({ medium, waterParts: 0.1 })).toEqual(['w 1', 'conditioner 2', 'water a splash']);
  expect(parts({})).toEqual(['w 1']);
});

test('by weight they are other parts by eye: a heavy white takes less room', () =>
  // 2 g of conditioner at 1.03 beside 1 g of white at 1.4: 1.94 mL to 0.71 mL.
  expect(parts({ basis: 'weight', medium: { id: 'conditioner', parts: 2 } })).toEqual([
    'w 1',
    'conditioner 2.75',
  ]));
