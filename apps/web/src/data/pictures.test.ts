import { keepPicture, pictureUrl, sendPictures } from './pictures';

const mockKept = new Map<string, Blob>();
jest.mock('idb-keyval', () => ({
  createStore: () => 'store',
  set: async (id: string, value: Blob) => void mockKept.set(id, value),
  get: async (id: string) => mockKept.get(id),
  del: async (id: string) => void mockKept.delete(id),
  entries: async () => [...mockKept],
}));

beforeEach(() => {
  mockKept.clear();
  jest.useFakeTimers();
  global.createImageBitmap = jest.fn(async () => ({
    width: 4000,
    height: 3000,
    close: () => undefined,
  })) as never;
  global.OffscreenCanvas = class {
    constructor(
      readonly width: number,
      readonly height: number,
    ) {}
    getContext = () => ({ drawImage: () => undefined });
    convertToBlob = async () =>
      new Blob([`${this.width} × ${this.height}`], { type: 'image/jpeg' });
  } as never;
  URL.createObjectURL = () => 'blob:here';
});
afterEach(() => jest.useRealTimers());

const answer = (status: number) =>
  (global.fetch = jest.fn(async () => ({ status })) as never) as unknown as jest.Mock;

test('a picture waits here while the studio is away, and is sent once it is back', async () => {
  global.fetch = jest.fn(async () => {
    throw new TypeError('failed to fetch');
  }) as never;
  const id = await keepPicture(new Blob(['x']));
  await sendPictures();
  expect(mockKept.has(id)).toBe(true);
  expect(await pictureUrl(id)).toBe('blob:here');
  const fetch = answer(200);
  await jest.advanceTimersByTimeAsync(20_000);
  expect(fetch).toHaveBeenCalledWith(
    `/api/pictures/${id}`,
    expect.objectContaining({ method: 'PUT' }),
  );
  expect(mockKept.size).toBe(0);
  expect(await pictureUrl(id)).toBe(`/api/pictures/${id}`);
});

test('one in trouble is asked again, what is refused for good is not', async () => {
  answer(503);
  await keepPicture(new Blob(['x']));
  await sendPictures();
  expect(mockKept.size).toBe(1);
  answer(400);
  await jest.advanceTimersByTimeAsync(20_000);
  expect(mockKept.size).toBe(0);
});

test('a file that is no picture is refused with what would be one, and nothing is mockKept', async () => {
  global.createImageBitmap = jest.fn(async () => {
    throw new Error('decode');
  }) as never;
  await expect(keepPicture(new Blob(['x']))).rejects.toThrow(/JPEG or PNG/);
  expect(mockKept.size).toBe(0);
});
