import { checkPlan, newPlan } from '../../plan';
import { plainSurface } from '../../surface';
import { FAMILIES, familyOf } from './families';
import { GENERIC_PAINTS } from './generic-paint';
import { namedPaint, paintsNamed } from './named-paint';

const made = (text: string) => {
  const named = namedPaint(text);
  if (!named.ok) throw new Error(named.fault);
  return named.value;
};
const names = (text: string) => paintsNamed(text).map((p) => p.name);

test('names as people write them, and hexes', () => {
  expect(made('Titanium white')).toMatchObject({
    hex: '#f7f6f2',
    opacity: 'opaque',
    pigments: ['PW6'],
  });
  expect(made(' phthalo blue ').name).toBe('Phthalo blue (green shade)');
  expect(made('teal').name).toBe('Light turquoise / teal (opaque)');
  expect(made('gold')).toMatchObject({ finish: 'metallic' });
  expect(made('neon pink')).toMatchObject({ finish: 'neon' });
  expect(made('burgundy')).toMatchObject({ hex: '#5f1425' });
  expect(made('D8A526')).toMatchObject({ hex: '#d8a526', id: 'hex-d8a526' });
});

test('the beginnings of words are enough, whole names come first', () => {
  expect(names('tit wh')).toEqual(['Titanium white']);
  expect(names('rose')[0]).toBe('Rose');
  expect(names('blue').slice(0, 3)).toContain('Blue-grey (ultramarine and black)');
  expect(names('zzz')).toEqual([]);
});

test('what is none says so, with names that are near', () => {
  expect(namedPaint('ultramarine green')).toEqual({
    ok: false,
    fault: expect.stringMatching(
      /no generic colour "ultramarine green"\. Perhaps .*ultramarine blue/,
    ),
  });
  expect(namedPaint('#12').ok).toBe(false);
  expect(namedPaint('').ok).toBe(false);
});

test('every generic colour is one of its own and makes a plan that passes its check', () => {
  expect(new Set(GENERIC_PAINTS.map((p) => p.id)).size).toBe(GENERIC_PAINTS.length);
  expect(new Set(GENERIC_PAINTS.map((p) => p.name)).size).toBe(GENERIC_PAINTS.length);
  const surface = plainSurface({ kind: 'rect', widthMm: 500, heightMm: 400 });
  for (const paint of GENERIC_PAINTS)
    expect(
      checkPlan(newPlan({ title: 'T', surface, paints: [paint], technique: 'flip-cup' })),
    ).toEqual([]);
});

test.each([
  ['titanium white', 'white'],
  ['carbon black', 'dark'],
  ['phthalo blue', 'blue'],
  ['sap green', 'green'],
  ['yellow ochre', 'yellow'],
  ['quinacridone magenta', 'red'],
  ['dioxazine violet', 'violet'],
  ['burnt umber', 'earth'],
  ['silver', 'shimmer'],
  ['neon yellow', 'neon'],
] as const)('%s is looked for among the %s ones', (name, family) =>
  expect(familyOf(made(name))).toBe(family),
);

test('no family is empty', () => {
  const of = new Set(GENERIC_PAINTS.map(familyOf));
  expect([...of].sort()).toEqual(Object.keys(FAMILIES).sort());
});
