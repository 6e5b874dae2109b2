import { Away, call, Refused } from './api';

const answers = (status: number, body: unknown) => {
  global.fetch = jest.fn(async () => ({
    ok: status < 300,
    status,
    json: async () => {
      if (body === undefined) throw new SyntaxError('no JSON');
      return body;
    },
  })) as never;
};
const refusal = (faults: { path: string; message: string }[], message = 'It will not do.') => ({
  error: { code: 'invalid', message, faults },
});
const refusedWith = async (faults: { path: string; message: string }[]) => {
  answers(400, refusal(faults));
  return (await call('/api/x').catch((error: unknown) => error)) as Refused;
};

test('a yes is its answer', async () => {
  answers(200, { done: true });
  await expect(call('/api/x')).resolves.toEqual({ done: true });
});

test('a no is told in its own words, with its first faults where an artist would look for them', async () => {
  const error = await refusedWith([
    { path: '/mixes/2/massG', message: 'must be at most 5; it is 7' },
    { path: '', message: 'is odd' },
    { path: '/title', message: 'is missing' },
    { path: '/pieces', message: 'is not told any more' },
  ]);
  expect(error).toBeInstanceOf(Refused);
  expect(error.status).toBe(400);
  expect(error.inWords).toBe(
    'It will not do. Mixes 3, mass must be at most 5; it is 7. It is odd. Title is missing.',
  );
  expect((await refusedWith([])).inWords).toBe('It will not do.');
});

test.each([
  [502, '<html>a proxy’s page</html>'],
  [200, undefined],
  [500, undefined],
])('what is no answer of the studio’s (%i, %s) is no answer', async (status, body) => {
  answers(status, body);
  await expect(call('/api/x')).rejects.toThrow(Away);
});

test('a network that is gone, and an answer that never comes, are no answer either', async () => {
  global.fetch = jest.fn(() => Promise.reject(new TypeError('failed to fetch')));
  await expect(call('/api/x')).rejects.toThrow(Away);
  global.fetch = jest.fn(
    (_path: unknown, init?: RequestInit) =>
      new Promise<Response>((_resolve, reject) =>
        init?.signal?.addEventListener('abort', () => reject(new Error('aborted'))),
      ),
  ) as never;
  await expect(call('/api/x', { patienceMs: 20 })).rejects.toThrow(Away);
});

test('a document goes as JSON, a picture as it is', async () => {
  answers(200, { done: true });
  await call('/api/x', { method: 'PUT', body: { n: 1 } });
  const picture = new Blob(['…'], { type: 'image/png' });
  await call('/api/x', { method: 'PUT', body: picture });
  const [[, first], [, second]] = (global.fetch as jest.Mock).mock.calls as [
    [string, RequestInit],
    [string, RequestInit],
  ];
  expect(first).toMatchObject({
    body: '{"n":1}',
    headers: { 'content-type': 'application/json' },
  });
  expect(second.body).toBe(picture);
  expect(second.headers).toMatchObject({ 'content-type': 'image/png' });
});
