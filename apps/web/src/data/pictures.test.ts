import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { fakeTimers, wait } from '../../test/device-time';

// What a worker makes of a picture is the browser's; here it answers at once.
jest.mock('./small-picture', () => ({ smallPicture: async () => mockShrinks() }));
let mockShrinks: () => Blob;

type Pictures = typeof import('./pictures');

/** One grey pixel, as PNG. */
const PIXEL = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAAAAAA6fptVAAAACXBIWXMAAAPoAAAD6AG1e1JrAAAACklEQVQImWMoBwAAeQB47+0hKQAAAABJRU5ErkJggg==',
  'base64',
);

/** A page: the modules anew, on the storage the device has. */
function openPage(): Pictures {
  let pictures!: Pictures;
  jest.isolateModules(() => {
    // eslint-disable-next-line @typescript-eslint/no-require-imports
    pictures = require('./pictures') as Pictures;
  });
  return pictures;
}

beforeEach(() => {
  global.indexedDB = new IDBFactory();
  fakeTimers();
  mockShrinks = () => new Blob(['small'], { type: 'image/jpeg' });
  URL.createObjectURL = () => 'blob:here';
});
afterEach(() => jest.useRealTimers());

const answer = (status: number) =>
  (global.fetch = jest.fn(async () => ({
    ok: status < 300,
    status,
    json: async () =>
      status < 300 ? { done: true } : { error: { code: 'x', message: 'no', faults: [] } },
  })) as never) as unknown as jest.Mock;

const away = () =>
  (global.fetch = jest.fn(async () => {
    throw new TypeError('failed to fetch');
  }) as never);

/** Keeps a picture while time goes on. */
async function taken(page: Pictures): Promise<string> {
  const kept = page.keepPicture(new Blob([PIXEL]));
  await wait(1000);
  return kept;
}

test('a picture waits here while the studio is away, and is sent once it is back', async () => {
  away();
  const page = openPage();
  const id = await taken(page);
  expect(await page.pictureUrl(id)).toBe('blob:here');
  const fetch = answer(200);
  await wait(10_000);
  expect(fetch).toHaveBeenCalledWith(
    `/api/pictures/${id}`,
    expect.objectContaining({
      method: 'PUT',
      headers: expect.objectContaining({ 'content-type': 'image/jpeg' }),
    }),
  );
  expect(fetch).toHaveBeenCalledTimes(1);
  expect(await page.pictureUrl(id)).toBe(`/api/pictures/${id}`);
});

test.each([503, 500, 429, 408, 400])('a picture answered %s is still here', async (status) => {
  answer(status);
  const page = openPage();
  const id = await taken(page);
  await wait(10_000);
  expect(await page.pictureUrl(id)).toBe('blob:here');
});

test('a file that is no picture is refused with what would be one, and nothing is sent', async () => {
  const fetch = answer(200);
  mockShrinks = () => {
    throw new Error('This file is no picture that can be read here: take a JPEG or PNG.');
  };
  await expect(openPage().keepPicture(new Blob([PIXEL]))).rejects.toThrow(/JPEG or PNG/);
  await expect(openPage().keepPicture(new Blob(['x']))).rejects.toThrow(/no JPEG, PNG or WebP/);
  expect(fetch).not.toHaveBeenCalled();
});
