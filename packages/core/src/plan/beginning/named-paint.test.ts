import { PIGMENTS } from '../../paint/pigment';
import { CANVAS } from '../fixture.test-data';
import { checkPlan } from '../document/check';
import { newPlan } from './create';
import { namedPaint } from './named-paint';

const made = (text: string) => {
  const named = namedPaint(text);
  if (!named.ok) throw new Error(named.fault);
  return named.value;
};

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
  expect(made('D8A526')).toMatchObject({ hex: '#d8a526', id: 'hex-d8a526' });
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

test('every generic colour makes a plan that passes its check', () => {
  const paints = PIGMENTS.map(({ name }) => made(name));
  expect(new Set(paints.map((p) => p.id)).size).toBe(PIGMENTS.length);
  for (const paint of paints)
    expect(
      checkPlan(newPlan({ title: 'T', surface: CANVAS, paints: [paint], technique: 'flip-cup' })),
    ).toEqual([]);
});
