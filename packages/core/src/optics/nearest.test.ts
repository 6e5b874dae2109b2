import { nearest } from './nearest';

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
