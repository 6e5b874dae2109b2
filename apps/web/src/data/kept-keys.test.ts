import 'fake-indexeddb/auto';
import { webcrypto } from 'node:crypto';
import { IDBFactory } from 'fake-indexeddb';
import { keptKeys } from './kept-keys';

beforeEach(() => {
  global.indexedDB = new IDBFactory();
  Object.assign(global, { document: { querySelectorAll: () => [] } });
  Object.defineProperty(globalThis, 'crypto', { value: webcrypto, configurable: true });
});

/** Makes pictures of a pour, and counts how often. */
function maker(turns: number) {
  const made = { times: 0 };
  const make = async () => {
    made.times++;
    return Array.from({ length: turns }, (_, at) => ({ turns: at, picture: new Blob([`${at}`]) }));
  };
  return { made, make };
}

test('made once, they are here from then on, each pour its own', async () => {
  const [one, other] = [maker(3), maker(5)];
  expect(await keptKeys('one', one.make)).toHaveLength(3);
  expect(await keptKeys('one', other.make)).toHaveLength(3);
  expect(await keptKeys('other', other.make)).toHaveLength(5);
  expect([one.made.times, other.made.times]).toEqual([1, 1]);
});

test('of many the oldest goes', async () => {
  const now = jest.spyOn(Date, 'now');
  for (let i = 0; i < 26; i++) {
    now.mockReturnValue(1000 + i);
    await keptKeys(`pour ${i}`, maker(1).make);
  }
  now.mockRestore();
  const [first, last] = [maker(1), maker(1)];
  await keptKeys('pour 25', last.make);
  await keptKeys('pour 0', first.make);
  expect([last.made.times, first.made.times]).toEqual([0, 1]);
});

test('a device that keeps nothing has them made each time; what cannot be made is told, and kept by nobody', async () => {
  await expect(
    keptKeys('none', async () => {
      throw new Error('too much for this device');
    }),
  ).rejects.toThrow('too much');
  const later = maker(2);
  expect(await keptKeys('none', later.make)).toHaveLength(2);
  global.indexedDB = {
    open: () => {
      throw new Error('forbidden');
    },
  } as never;
  const each = maker(2);
  expect(await keptKeys('one', each.make)).toHaveLength(2);
  expect(await keptKeys('one', each.make)).toHaveLength(2);
  expect(each.made.times).toBe(2);
});
