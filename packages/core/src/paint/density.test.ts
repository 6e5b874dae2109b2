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
});

test('a dark transparent pulls a blend less than an opaque of the same colour, a pale one hardly', () => {
  const dark = { ...paint(['PX99']), hex: '#1d2490' };
  const pale = { ...dark, hex: '#f5bf12' };
  expect(mixWeightOf(dark, 0.1)).toBeLessThan(0.25 * mixWeightOf(dark, 2));
  expect(mixWeightOf(pale, 0.1)).toBeGreaterThan(0.9 * mixWeightOf(pale, 2));
  // Its pigment's own opacity settles it, whatever the paint is called.
  expect(mixWeightOf(paint(['PB29']), 2)).toBe(mixWeightOf(paint(['PB29']), 0.1));
});
