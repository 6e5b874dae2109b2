import { checkPlan } from './check';
import { plan } from '../fixture.test-data';
import type { Plan } from './schema';

const lines = (change: (p: Plan) => Partial<Plan>): string[] => {
  const p = plan();
  return checkPlan({ ...p, ...change(p) }).map((f) => `${f.path} ${f.message}`);
};
const cups = (p: Plan, change: object): Plan['cups'] => [
  { ...p.cups[0]!, ...change },
  ...p.cups.slice(1),
];

test('a whole plan has no fault', () => expect(lines(() => ({}))).toEqual([]));

test('a layer of a mix that is not there, with those that are', () =>
  expect(
    lines((p) => ({ cups: cups(p, { layers: [{ mix: 'x', parts: 1, placement: 'wall' }] }) })),
  ).toEqual(['/cups/0/layers/0/mix no mix "x"; there are "m-oat", "m-slate", "m-quince"']));

test.each<[string, (p: Plan) => Partial<Plan>, string]>([
  [
    'an id twice',
    (p) => ({ paints: [...p.paints, p.paints[0]!] }),
    '/paints/3/id "oat" is taken by /paints/0',
  ],
  [
    'a paint with a material’s id',
    (p) => ({
      paints: [{ ...p.paints[0]!, id: 'water' }, ...p.paints.slice(1)],
      mixes: p.mixes.map((m, i) =>
        i === 0 ? { ...m, paints: [{ paint: 'water', parts: 1 }] } : m,
      ),
    }),
    '/paints/0/id "water" is the id of a material; give the paint another',
  ],
  [
    'a paint that is not there',
    (p) => ({
      mixes: p.mixes.map((m, i) => (i === 0 ? { ...m, paints: [{ paint: 'zinc', parts: 1 }] } : m)),
    }),
    '/mixes/0/paints/0/paint no paint "zinc"; there are "oat", "slate", "quince"',
  ],
  [
    'a layer with parts and ml',
    (p) => ({ cups: cups(p, { layers: [{ mix: 'm-oat', parts: 1, ml: 3, placement: 'wall' }] }) }),
    '/cups/0/layers/0 give a layer parts or ml, one of the two',
  ],
  [
    'a cup of nothing',
    (p) => ({ cups: cups(p, { layers: undefined }) }),
    '/cups/0 a cup needs layers, or reverseOf',
  ],
  [
    'a cup that reverses itself',
    (p) => ({ cups: cups(p, { layers: undefined, reverseOf: 'c1' }) }),
    '/cups/0/reverseOf cup "c1" cannot reverse itself',
  ],
  [
    'a pot of two amounts',
    (p) => ({ budget: { ...p.budget, pots: [{ use: 'base', mix: 'm-oat', ml: 3, g: 4 }] } }),
    '/budget/pots/0 give one amount, of filmMm, ml, g or share; there are 2',
  ],
  [
    'a base of no mix',
    (p) => ({ budget: { ...p.budget, pots: [{ use: 'base', ml: 3 }] } }),
    '/budget/pots/0 a pot for base needs its mix',
  ],
  [
    'a share twice',
    (p) => ({ budget: { ...p.budget, shares: [...p.budget.shares, p.budget.shares[0]!] } }),
    '/budget/shares/3/mix "m-oat" has a share already',
  ],
  [
    'a move with a later one',
    (p) => ({
      moves: [
        { id: 'a', verb: 'torch', with: 'b' },
        { id: 'b', verb: 'rest' },
      ],
    }),
    '/moves/0/with no earlier move "b"; there are none',
  ],
  [
    'a move of a cup that is not there',
    () => ({ moves: [{ id: 'a', verb: 'flip', cup: 'c9', atMm: [1, 1] }] }),
    '/moves/0/cup no cup "c9"; there are "c1", "c2"',
  ],
  [
    'a seventh piece of one',
    () => ({ moves: [{ id: 'a', verb: 'torch', piece: 7 }] }),
    '/moves/0/piece there are 1 pieces',
  ],
])('%s', (_, change, line) => expect(lines(change)).toContain(line));

test('mediums that hold themselves through another are refused', () => {
  const mediums: Plan['mediums'] = [
    { id: 'a', name: 'A', basis: 'volume', of: [{ medium: 'b', parts: 1 }] },
    { id: 'b', name: 'B', basis: 'volume', of: [{ medium: 'a', parts: 1 }] },
  ];
  expect(lines(() => ({ mediums }))).toEqual([
    '/mediums/0/of/0/medium medium "a" would hold itself: a → b → a; leave it out of one of them',
    '/mediums/1/of/0/medium medium "b" would hold itself: b → a → b; leave it out of one of them',
  ]);
});
