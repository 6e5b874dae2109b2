import 'fake-indexeddb/auto';
import { webcrypto } from 'node:crypto';
import { IDBFactory } from 'fake-indexeddb';
import { openDB } from 'idb';
import { lately } from './lately';

beforeEach(() => {
  global.indexedDB = new IDBFactory();
  Object.defineProperty(globalThis, 'crypto', { value: webcrypto, configurable: true });
  scripts = [{ src: '/entry-one.js', defer: true }];
});

/** Those of the page: the one it begins with waits for the page, those that come later do not. */
let scripts: { src: string; readonly defer: boolean }[];
Object.assign(global, {
  document: {
    querySelectorAll: (what: string) =>
      what === 'script[defer]' ? scripts.filter(({ defer }) => defer) : scripts,
  },
});

const store = lately<{ readonly pixels: Uint8ClampedArray }>('tried', 3);
const of = (shade: number) => ({ pixels: new Uint8ClampedArray([shade, 0, 0, 255]) });

test('what was kept is found under its name alone, as it was', async () => {
  await store.keep('one', of(7));
  await store.keep('two', of(8));
  expect((await store.find('one'))!.pixels).toEqual(of(7).pixels);
  expect(await store.find('three')).toBeUndefined();
});

test('of too many the oldest goes; kept again, it is not the oldest', async () => {
  const now = jest.spyOn(Date, 'now');
  for (const [at, name] of ['a', 'b', 'c', 'a', 'd'].entries()) {
    now.mockReturnValue(1000 + at);
    await store.keep(name, of(at));
  }
  now.mockRestore();
  expect(await store.find('b')).toBeUndefined();
  for (const name of ['c', 'a', 'd']) expect(await store.find(name)).toBeDefined();
});

test('an application that was renewed computes anew; parts of it that come later change nothing', async () => {
  await store.keep('one', of(7));
  scripts.push({ src: '/screens.js', defer: false });
  expect(await store.find('one')).toBeDefined();
  scripts[0]!.src = '/entry-two.js';
  expect(await store.find('one')).toBeUndefined();
});

test('a store of an older form is begun anew', async () => {
  const old = await openDB('tried', 1, { upgrade: (db) => db.createObjectStore('keys') });
  old.close();
  await store.keep('one', of(7));
  expect(await store.find('one')).toBeDefined();
});

test('where nothing may be kept, or there is no room, nothing is found and nothing fails', async () => {
  const { indexedDB } = global;
  global.indexedDB = {
    open: () => {
      throw new Error('forbidden');
    },
  } as never;
  await store.keep('one', of(7));
  expect(await store.find('one')).toBeUndefined();
  global.indexedDB = indexedDB;
  // What cannot be copied cannot be kept.
  await store.keep('one', { pixels: () => undefined } as never);
  expect(await store.find('one')).toBeUndefined();
});
