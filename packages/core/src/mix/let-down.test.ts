import fc from 'fast-check';
import { between } from '../between.test-data';
import { openBook } from '../material/book';
import type { Body, Paint } from '../paint/schema';
import { consistencyOf } from './consistency';
import { letDown } from './let-down';
import { makeRecipe } from './recipe';
import type { Consistency, Mix } from './schema';

const book = openBook([], []);
const paint = (body: Body): Paint => ({
  id: 'p',
  name: 'p',
  hex: '#d8a526',
  opacity: 'opaque',
  body,
  finish: 'satin',
});
const mix = (id: string, parts: number, waterParts?: number): Mix => ({
  id: 'm',
  name: 'm',
  basis: 'volume',
  paints: [{ paint: 'p', parts: 1 }],
  medium: { id, parts },
  ...(waterParts ? { waterParts } : {}),
  consistency: 'medium',
});

test('finds the smallest change of medium: one twentieth less would not do', () => {
  const recipeOf = (m: Mix) => makeRecipe(m, () => paint('heavy'), book);
  const found = letDown(mix('conditioner', 0.5), 'medium', recipeOf)!;
  expect(consistencyOf(recipeOf(found).viscosityPaS)).toBe('medium');
  expect(
    consistencyOf(
      recipeOf({ ...found, medium: { id: 'conditioner', parts: found.medium!.parts - 0.05 } })
        .viscosityPaS,
    ),
  ).toBe('thick');
});

test('what it finds always lands on the step, and it changes nothing that is there already', () => {
  fc.assert(
    fc.property(
      fc.constantFrom<Body>('heavy', 'soft', 'craft', 'fluid'),
      fc.constantFrom('conditioner', 'conditioner-thin', 'gloss-medium', 'glue-water'),
      between(0.05, 6),
      fc.constantFrom<Consistency>('thin', 'flowing', 'medium', 'thick'),
      (body, medium, parts, step) => {
        const recipeOf = (m: Mix) => makeRecipe(m, () => paint(body), book);
        const start = mix(medium, parts);
        const found = letDown(start, step, recipeOf);
        if (found) expect(consistencyOf(recipeOf(found).viscosityPaS)).toBe(step);
        if (consistencyOf(recipeOf(start).viscosityPaS) === step) expect(found).toBe(start);
      },
    ),
  );
});

test('no amount of conditioner makes a fluid paint thick', () => {
  expect(
    letDown(mix('conditioner', 1), 'thick', (m) => makeRecipe(m, () => paint('fluid'), book)),
  ).toBeUndefined();
});
