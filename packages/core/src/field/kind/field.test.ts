import { idsOf } from '../../registry';
import { type Field, FIELD_KINDS, faultsIn, fieldSchema, referencesIn, startOf } from './index';

const around = {
  widthMm: 300,
  heightMm: 200,
  mixes: ['m-oat', 'm-slate'],
  cups: ['c1', 'c2'],
  pots: [{ use: 'activator', mix: 'm-slate' }],
};
const FIELDS: Record<Field['kind'], Field> = {
  number: { kind: 'number', label: 'n', min: 2, max: 9, usual: 30 },
  choice: { kind: 'choice', label: 'c', of: ['b', 'a'] },
  'yes-no': { kind: 'yes-no', label: 'y' },
  point: { kind: 'point', label: 'p' },
  path: { kind: 'path', label: 'w', usual: 'spiral' },
  mix: { kind: 'mix', label: 'm', use: 'activator' },
  cup: { kind: 'cup', label: 'u' },
  cups: { kind: 'cups', label: 'us' },
};

test.each(idsOf(FIELD_KINDS))(
  'a field of kind %s starts with a value, unless it may be left out',
  (kind) => {
    expect(startOf(FIELDS[kind], around)).not.toBeUndefined();
    expect(startOf({ ...FIELDS[kind], optional: true }, around)).toBeUndefined();
    expect(fieldSchema(FIELDS[kind])).toBeDefined();
  },
);

test('what a new value is: held to its limits, the pot’s own mix, the first cup', () => {
  expect(startOf(FIELDS.number, around)).toBe(9);
  expect(startOf(FIELDS.mix, around)).toBe('m-slate');
  expect(startOf({ kind: 'mix', label: 'm' }, around)).toBe('m-oat');
  expect(startOf(FIELDS.cups, around)).toEqual(['c1']);
  expect(startOf(FIELDS.cup, { ...around, cups: [] })).toBeUndefined();
});

test('values name what they name, with the place; a field left out names nothing', () => {
  const fields = { mix: { ...FIELDS.mix, optional: true }, cups: FIELDS.cups } as const;
  expect(referencesIn(fields, { cups: ['c2', 'c1'] })).toEqual([
    { to: 'cup', id: 'c2', at: '/cups/0' },
    { to: 'cup', id: 'c1', at: '/cups/1' },
  ]);
  expect(referencesIn(fields, { mix: 'm-oat', cups: [] })[0]).toEqual({
    to: 'mix',
    id: 'm-oat',
    at: '/mix',
  });
});

test('a path without a length is a fault its schema does not see', () => {
  const nowhere = { kind: 'line', fromMm: [5, 5], toMm: [5, 5] };
  expect(faultsIn({ way: FIELDS.path }, { way: nowhere })).toEqual([
    { at: '/way', message: 'begins and ends in one place; give it a length' },
  ]);
});
