import { openBook } from '../material/book';
import { makeRecipe } from '../mix/recipe';
import { PIGMENTS } from './pigment';
import { densityOf, mixWeightOf } from './property';
import type { Paint } from './schema';

const paint = (pigments: string[]): Paint => ({
  id: 'p',
  name: 'p',
  hex: '#808080',
  opacity: 'opaque',
  body: 'soft',
  finish: 'satin',
  pigments,
});
const at12 = (code: string) => {
  const p = paint([code]);
  return makeRecipe(
    {
      id: 'm',
      name: 'm',
      basis: 'volume',
      paints: [{ paint: 'p', parts: 1 }],
      medium: { id: 'conditioner', parts: 2 },
      consistency: 'medium',
    },
    () => p,
    openBook([], []),
  ).densityGPerMl;
};

// Handbook 3, common practice, no published source.
test.each(['PB15:3', 'PR122', 'PBk7'])(
  'a white mix is heavier than one of %s, so white sinks',
  (code) => expect(at12('PW6') - at12(code)).toBeGreaterThan(0.06),
);

test('the artist’s own weighing wins over the pigment’s figure', () =>
  expect(densityOf({ ...paint(['PW6']), densityGPerMl: 1.3 })).toBe(1.3));
test('several pigments give their mean, unknown ones the usual figure', () => {
  expect(densityOf(paint(['PR122', 'PV23']))).toBeCloseTo(
    (1.06 + PIGMENTS.find((p) => p.ci === 'PV23')!.densityGPerMl) / 2,
    1,
  );
  expect(densityOf(paint(['PX99']))).toBe(1.15);
  expect(mixWeightOf(paint(['PX99']))).toBe(0.55);
});
