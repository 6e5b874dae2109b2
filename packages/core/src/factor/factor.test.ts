import { idsOf } from '../registry';
import { FACTORS, factorsWith } from './index';

test('an artist’s own figure takes the place of the usual one, and of no other', () => {
  const usual = factorsWith();
  const own = factorsWith({ 'film-stays': 1.4 });
  expect(own).toEqual({ ...usual, 'film-stays': 1.4 });
  expect(usual['film-stays']).toBe(0.8);
});

test.each(idsOf(FACTORS))('%s says what it is, whence it comes and what could teach it', (id) => {
  const { says, source, taughtBy, unit, least, most } = FACTORS[id];
  for (const words of [says, source, taughtBy]) expect(words.length).toBeGreaterThan(5);
  if (unit === 'L*') expect([least, most]).toEqual([0, 100]);
  else expect(least).toBeGreaterThanOrEqual(0);
});
