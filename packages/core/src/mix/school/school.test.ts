import { openBook } from '../../material/book';
import type { Body, Finish, Paint } from '../../paint/schema';
import { consistencyOf } from '../consistency';
import { makeRecipe } from '../recipe';
import type { Mix } from '../schema';
import { MIX_SCHOOLS, mixBySchool, schoolOf } from './index';

const book = openBook([], []);
const paint = (body: Body, finish: Finish = 'satin'): Paint => ({
  id: 'p',
  name: 'p',
  hex: '#d8a526',
  opacity: 'opaque',
  body,
  finish,
});
const start: Mix = {
  id: 'm',
  name: 'm',
  basis: 'weight',
  paints: [{ paint: 'p', parts: 1 }],
  medium: { id: 'gloss-medium', parts: 3 },
  waterParts: 2,
  consistency: 'medium',
};
const by = (id: string, of: Paint, wanted: Mix['consistency'] = 'medium') => {
  const school = MIX_SCHOOLS.find((s) => s.id === id)!;
  const recipeOf = (m: Mix) => makeRecipe(m, () => school.paints?.[0] ?? of, book);
  const mix = mixBySchool(start, school, of.body, wanted, recipeOf);
  return { mix, recipe: recipeOf(mix) };
};

// Handbook 4 names what each is for; science.md the viscosities (common practice and from memory, no published source).
test.each([
  ['conditioner-only', 'soft', 'satin', 'medium'],
  ['conditioner-only', 'heavy', 'satin', 'medium'],
  ['conditioner-fluid', 'soft', 'satin', 'flowing'],
  ['glue-water', 'soft', 'satin', 'medium'],
  ['pillow', 'soft', 'satin', 'thick'],
  ['activator-dark', 'soft', 'matt', 'thin'],
  ['activator-light', 'soft', 'satin', 'thin'],
  ['pearl', 'soft', 'metallic', 'thick'],
  ['dump', 'soft', 'satin', 'thin'],
  ['ready', 'ready', 'satin', 'medium'],
] as [string, Body, Finish, Mix['consistency']][])('%s of %s %s is %s', (id, body, finish, step) =>
  expect(consistencyOf(by(id, paint(body, finish), step).recipe.viscosityPaS)).toBe(step),
);

test.each(MIX_SCHOOLS.filter((s) => s.thinned && !s.consistency).map((s) => s.id))(
  '%s is thinned as far as the step wanted asks, and no further',
  (id) => {
    const to = (step: Mix['consistency']) => by(id, paint('heavy'), step);
    expect(to('flowing').recipe.viscosityPaS).toBeLessThan(0.95);
    expect(to('flowing').mix.waterParts ?? 0).toBeGreaterThanOrEqual(
      to('medium').mix.waterParts ?? 0,
    );
    // Already thin enough for thick: as stated.
    expect(to('thick').mix).toMatchObject(MIX_SCHOOLS.find((s) => s.id === id)!.ratio('heavy'));
  },
);

test('the thinner of the second school is nine tenths water', () => {
  const { mix } = by('conditioner-thinner', paint('heavy'), 'flowing');
  expect(mix.waterParts! / (mix.medium!.parts - 2)).toBeCloseTo(9, 6);
});

test('a mix is known by its school’s stated ratio, and no longer once it is changed', () => {
  const { mix } = by('dump', paint('soft'));
  expect(schoolOf(mix)?.id).toBe('dump');
  expect(schoolOf({ ...mix, waterParts: 1.2 })).toBeUndefined();
  expect(schoolOf({ ...mix, basis: 'weight' })).toBeUndefined();
});

test('nothing of the ratio before is left', () => {
  const { mix } = by('ready', paint('ready'));
  expect(mix).not.toHaveProperty('medium');
  expect(mix).not.toHaveProperty('waterParts');
  expect(mix.basis).toBe('volume');
});
