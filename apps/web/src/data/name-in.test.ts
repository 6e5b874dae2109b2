import { nameIn } from './name-in';

const own = {
  paints: [{ id: 'oat', name: 'Oat milk' }],
  materials: [
    {
      id: 'pva',
      name: 'School glue',
      role: 'binder' as const,
      densityGPerMl: 1.05,
      viscosityPaS: 3,
    },
  ],
  mediums: [
    { id: 'mine', name: 'My blend', basis: 'volume' as const, of: [{ material: 'pva', parts: 1 }] },
  ],
};

test('one’s own names come before the catalogue’s, and what nobody knows keeps its id', () => {
  const name = nameIn(own);
  expect(['oat', 'pva', 'mine', 'conditioner', 'studio-blend', 'x'].map(name)).toEqual([
    'Oat milk',
    'School glue',
    'My blend',
    'Conditioner',
    'Studio blend',
    'x',
  ]);
  expect(nameIn({})('pva')).toBe('PVA glue');
});
