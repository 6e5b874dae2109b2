import fc from 'fast-check';
import { deltaE2000 } from './delta-e';
import { hexToLab } from './lab';
import { byNearness, nearest } from './nearest';

const SHELF = [
  { hex: '#d8a526', name: 'quince' },
  { hex: '#3b464e', name: 'slate' },
  { hex: '#ece5d6', name: 'oat' },
];

test('itself is the same, a shade of it near, anything else far', () => {
  expect(nearest('#d8a526', SHELF)).toMatchObject({
    of: { name: 'quince' },
    deltaE: 0,
    how: 'same',
  });
  expect(nearest('#cf9a1c', SHELF)).toMatchObject({ of: { name: 'quince' }, how: 'near' });
  expect(nearest('#b00040', SHELF)?.how).toBe('far');
  expect(nearest('#b00040', [])).toBeUndefined();
});

const hex = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`);

test('the first is the exact nearest of all there is, the rest follow by distance, and none is lost', () => {
  fc.assert(
    fc.property(hex, fc.array(hex, { minLength: 1, maxLength: 12 }), (wanted, all) => {
      const sorted = byNearness(
        wanted,
        all.map((one) => ({ hex: one })),
      );
      const far = (one: string) => deltaE2000(hexToLab(wanted), hexToLab(one));
      expect(sorted[0]!.deltaE).toBe(Math.min(...all.map(far)));
      expect(sorted.map(({ of }) => of.hex).sort()).toEqual([...all].sort());
      sorted
        .slice(1)
        .forEach(({ deltaE }, i) => expect(deltaE).toBeGreaterThanOrEqual(sorted[i]!.deltaE));
    }),
  );
});
