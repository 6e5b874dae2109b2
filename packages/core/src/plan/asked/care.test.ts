import type { Mix } from '../../mix/schema';
import { OAT, plan, SLATE } from '../fixture.test-data';
import { careFor } from './care';

const p = plan([OAT, SLATE]);
const withFirst = (change: Partial<Mix>) => ({
  ...p,
  mixes: p.mixes.map((mix, i) => (i === 0 ? { ...mix, ...change } : mix)),
});

test('care is of the moves and of what is in the mixes, each once', () => {
  expect(careFor(p, [])).toEqual(['waste']);
  const flame = p.moves.filter((m) => m.verb === 'torch');
  expect(careFor(p, [...flame, ...flame])).toEqual(['open-flame', 'waste']);
  expect(
    careFor(withFirst({ additives: [{ material: 'silicone', drops: 2, perMl: 60 }] }), []),
  ).toEqual(['slippery', 'waste']);
  expect(careFor(withFirst({ additives: [{ material: 'mica', g: 2, perMl: 60 }] }), [])).toEqual([
    'dust',
    'waste',
  ]);
});

test('cadmium and cobalt are known by their pigments', () => {
  const red = { ...p, paints: [{ ...SLATE, pigments: ['PR108'] }, ...p.paints.slice(1)] };
  expect(careFor(red, [])).toContain('harmful');
  expect(careFor(p, [])).not.toContain('harmful');
});
