import type { Plan } from '@potter/core/plan';
import { inStudio, plan } from '../../test/studio';

const { ask, app, made, later } = inStudio();

const jpeg = (n: number) =>
  Buffer.concat([Buffer.from([0xff, 0xd8, 0xff, 0xe0]), Buffer.alloc(96, n)]);
const send = (id: string, n = 1) =>
  app().inject({
    method: 'PUT',
    url: `/api/pictures/${id}`,
    payload: jpeg(n),
    headers: { host: '127.0.0.1', 'content-type': 'image/jpeg' },
  });
const pictures = async () => (await ask('GET', '/api/pictures')).body;
const showing = (title: string, picture: string): Plan => {
  const shows = plan(title);
  const mix = shows.mixes[0]!.id;
  return { ...shows, pictures: [{ picture, mix, stage: 'dry', on: '2026-11-24' }] };
};

test('pictures are counted; those nothing shows any more are let go, those of plans, pours and the bin stay', async () => {
  for (const id of ['in-a-plan', 'in-the-bin', 'of-nothing']) await send(id);
  await made(showing('Shows it', 'in-a-plan'));
  const gone = await made(showing('Gone', 'in-the-bin'));
  await ask('DELETE', `/api/plans/${gone.id}`);
  // Sent a moment ago: the plan that shows it may still be on its way.
  expect(await pictures()).toMatchObject({ count: 3, bytes: 300, unused: { count: 0, bytes: 0 } });
  later(8);
  expect(await pictures()).toMatchObject({ count: 3, unused: { count: 1, bytes: 100 } });
  const after = (await ask('DELETE', '/api/pictures/unused')).body;
  expect(after).toMatchObject({ count: 2, bytes: 200, unused: { count: 0 } });
  expect((await ask('GET', '/api/pictures/of-nothing')).body.error.code).toBe('no-picture');
  await ask('POST', `/api/bin/plan/${gone.id}/back`);
  const there = await app().inject({
    url: '/api/pictures/in-the-bin',
    headers: { host: '127.0.0.1' },
  });
  expect(there.rawPayload.equals(jpeg(1))).toBe(true);
});
