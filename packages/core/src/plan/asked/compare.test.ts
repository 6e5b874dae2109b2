import { comparePlans } from './compare';
import * as edit from '../edit';
import { KALE, plan } from '../fixture.test-data';

test('a plan beside itself differs in nothing', () =>
  expect(comparePlans(plan(), plan()).filter((r) => r.differs)).toEqual([]));

test('what was changed is marked, what only one has stands alone', () => {
  const rows = comparePlans(plan(), edit.addColour(edit.setSchool(plan(), 'lean'), KALE));
  const row = (what: string) => rows.find((r) => r.what === what);
  expect(row('School')).toEqual({
    group: 'plan',
    what: 'School',
    a: 'Generous',
    b: 'Lean',
    differs: true,
  });
  expect(row('Size')?.differs).toBe(false);
  expect(row('Frosted kale')).toMatchObject({ differs: true });
  expect(row('Frosted kale')).not.toHaveProperty('a');
});
