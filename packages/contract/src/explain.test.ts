import { TECHNIQUES } from '@potter/core/technique';
import { VERBS } from '@potter/core/verb';
import { edit, newPlan, type Plan } from '@potter/core/plan';
import { faultLine } from '@potter/core/format';
import { plainSurface } from '@potter/core/surface';
import { checkPlanShape } from './check-plan';
import { check } from './validators';

/** The ids of a registry as a fault lists them. */
const listed = (registry: object) =>
  Object.keys(registry)
    .map((id) => `"${id}"`)
    .join(', ');

const plan = (): Plan =>
  newPlan({
    title: 'Test',
    surface: plainSurface({ kind: 'rect', widthMm: 500, heightMm: 400 }),
    paints: [
      {
        id: 'oat',
        name: 'Oat milk',
        hex: '#ece5d6',
        opacity: 'opaque',
        body: 'heavy',
        finish: 'satin',
      },
    ],
    technique: 'flip-cup',
  });

/** The plan with one place overwritten, and what is said of it. */
function faults(path: string, value: unknown): string[] {
  const document = JSON.parse(JSON.stringify(plan())) as Record<string, unknown>;
  const keys = path.split('/').slice(1);
  const last = keys.pop() as string;
  const inside = keys.reduce<Record<string, unknown>>(
    (node, key) => node[key] as Record<string, unknown>,
    document,
  );
  if (value === undefined) delete inside[last];
  else inside[last] = value;
  return checkPlanShape(document).map(faultLine);
}

test('a plan of the helper’s fits, and so does one after every kind of edit', () => {
  expect(checkPlanShape(plan())).toEqual([]);
  const edited = edit.setTechniqueSettings(
    edit.setSchool(edit.setSurface(plan(), { shape: { kind: 'round', diameterMm: 300 } }), 'lean'),
    { torch: 'first' },
  );
  expect(checkPlanShape(JSON.parse(JSON.stringify(edited)))).toEqual([]);
});

test.each([
  ['/title', undefined, '/title is missing'],
  ['/title', 7, '/title must be text; it is 7'],
  ['/colour', 1, '/colour is not part of the format; take it out'],
  ['/surface/shape/widthMm', -3, '/surface/shape/widthMm must be at least 5; it is -3'],
  [
    '/surface/shape/kind',
    'blob',
    '/surface/shape/kind must be one of "rect", "round", "oval", "ring", "polygon", "outline", "glyphs"; it is "blob"',
  ],
  [
    '/surface/shape/kind',
    undefined,
    '/surface/shape/kind is missing; there are "rect", "round", "oval", "ring", "polygon", "outline", "glyphs"',
  ],
  [
    '/surface/ground/hex',
    'red',
    '/surface/ground/hex must be a colour such as #d8a526; it is "red"',
  ],
  ['/surface/pieces', 1.5, '/surface/pieces must be an integer; it is 1.5'],
  [
    '/paints/0/opacity',
    'thick',
    '/paints/0/opacity must be one of "transparent", "semi-transparent", "semi-opaque", "opaque"; it is "thick"',
  ],
  [
    '/paints/0/opacity',
    { contrastRatio: 2, wetMicrons: 200 },
    '/paints/0/opacity/contrastRatio must be at most 0.9999; it is 2',
  ],
  ['/paints', [], '/paints must have at least 1 entries'],
  [
    '/mixes/0/consistency',
    'runny',
    '/mixes/0/consistency must be one of "thin", "flowing", "medium", "thick"; it is "runny"',
  ],
  [
    '/mixes/0/additives',
    [{ material: 'silicone' }],
    '/mixes/0/additives/0 needs drops or perMl or g',
  ],
  [
    '/technique/id',
    'no-such',
    `/technique/id must be one of ${listed(TECHNIQUES)}; it is "no-such"`,
  ],
  [
    '/technique/settings/torch',
    'always',
    '/technique/settings/torch must be one of "end", "first", "sectors", "none"; it is "always"',
  ],
  ['/moves/0/verb', 'shout', `/moves/0/verb must be one of ${listed(VERBS)}; it is "shout"`],
  ['/moves/4/atMm', undefined, '/moves/4/atMm is missing'],
  [
    '/dates',
    { pour: 'tomorrow' },
    '/dates/pour must be a date such as 2026-11-28 or 2026-11-28T10:00; it is "tomorrow"',
  ],
  ['/seed', 'x', '/seed must be an integer; it is "x"'],
])('%s = %j', (path, value, line) => expect(faults(path, value)).toContain(line));

test('one mistake is one fault, and each of several is told', () => {
  expect(faults('/surface/shape/kind', 'blob')).toHaveLength(1);
  expect(
    faults('/mixes/0', { id: 'm oat', name: '', basis: 'weight', paints: [], consistency: 'thick' })
      .length,
  ).toBe(3);
});

test('a document that is no object at all', () => {
  expect(checkPlanShape(null).map(faultLine)).toEqual(['/ must be an object; it is null']);
  expect(checkPlanShape([]).map(faultLine)).toEqual(['/ must be an object; it is a list']);
});

test('the studio file', () => {
  expect(check('Studio', { today: '2026-11-28', prices: { oat: { price: 3, g: 100 } } })).toEqual(
    [],
  );
  expect(check('Studio', { today: 'now' }).map(faultLine)).toEqual([
    '/today must be a date such as 2026-11-28; it is "now"',
  ]);
});
