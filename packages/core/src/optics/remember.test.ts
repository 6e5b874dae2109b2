import { remember } from './remember';

test('what is remembered is not worked out again, and the oldest is forgotten once there is too much', () => {
  const asked: string[] = [];
  const known = remember<string>(2);
  const ask = (key: string) =>
    known(key, () => {
      asked.push(key);
      return key.toUpperCase();
    });
  expect([ask('a'), ask('b'), ask('a')]).toEqual(['A', 'B', 'A']);
  ask('c');
  ask('b');
  ask('a');
  expect(asked).toEqual(['a', 'b', 'c', 'a']);
});
