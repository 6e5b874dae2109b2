import { crc32 } from 'node:zlib';
import type { Plan } from '@potter/core/plan';
import sharp from 'sharp';
import { jpegOf } from '../../test/picture';
import { inStudio, plan } from '../../test/studio';

const { ask, app, made, later } = inStudio();

const send = (id: string, payload: Buffer, type = 'image/jpeg') =>
  app().inject({
    method: 'PUT',
    url: `/api/pictures/${id}`,
    payload,
    headers: { host: '127.0.0.1', 'content-type': type },
  });
const kept = async (id: string) =>
  (await app().inject({ url: `/api/pictures/${id}`, headers: { host: '127.0.0.1' } })).rawPayload;
const pictures = async () => (await ask('GET', '/api/pictures')).body;
const showing = (title: string, picture: string): Plan => {
  const shows = plan(title);
  const mix = shows.mixes[0]!.id;
  return { ...shows, pictures: [{ picture, mix, stage: 'dry', on: '2026-11-24' }] };
};

test('pictures are counted; those nothing shows any more are let go, those of plans, pours and the bin stay', async () => {
  for (const id of ['in-a-plan', 'in-the-bin', 'of-nothing']) await send(id, await jpegOf(90));
  await made(showing('Shows it', 'in-a-plan'));
  const gone = await made(showing('Gone', 'in-the-bin'));
  await ask('DELETE', `/api/plans/${gone.id}`);
  // Sent a moment ago: the plan that shows it may still be on its way.
  const { length } = await kept('in-a-plan');
  expect(await pictures()).toMatchObject({
    count: 3,
    bytes: 3 * length,
    unused: { count: 0, bytes: 0 },
  });
  later(8);
  expect(await pictures()).toMatchObject({ count: 3, unused: { count: 1, bytes: length } });
  const after = (await ask('DELETE', '/api/pictures/unused')).body;
  expect(after).toMatchObject({ count: 2, bytes: 2 * length, unused: { count: 0 } });
  expect((await ask('GET', '/api/pictures/of-nothing')).body.error.code).toBe('no-picture');
  await ask('POST', `/api/bin/plan/${gone.id}/back`);
  expect(await kept('in-the-bin')).toHaveLength(length);
});

test('it is turned upright, made no larger than it is looked at, and holds neither place nor camera', async () => {
  const taken = await sharp({
    create: { width: 3000, height: 2000, channels: 3, background: '#d8a526' },
  })
    .withExif({ IFD0: { Make: 'Somebody’s camera' }, IFD3: { GPSLatitude: '52/1 31/1 0/1' } })
    .withMetadata({ orientation: 6 })
    .jpeg()
    .toBuffer();
  expect((await send('sideways-1', taken)).statusCode).toBe(200);
  const bytes = await kept('sideways-1');
  const { width, height, exif, orientation } = await sharp(bytes).metadata();
  expect([width, height]).toEqual([1707, 2560]);
  expect([exif, orientation]).toEqual([undefined, undefined]);
  const small = await sharp(await kept('sideways-1/small')).metadata();
  expect([small.format, small.width, small.height]).toEqual(['jpeg', 213, 320]);
});

test('what hides behind a picture does not come in with it', async () => {
  const archive = Buffer.from('PK\u0003\u0004 and what is in it');
  await send('with-a-tail', Buffer.concat([await jpegOf(90), archive]));
  expect((await kept('with-a-tail')).includes(archive)).toBe(false);
});

/** A PNG that says it is so wide and high: a few bytes that would be gigabytes. */
async function vast(side: number): Promise<Buffer> {
  const png = await sharp(await jpegOf(90))
    .png()
    .toBuffer();
  // Its header: length, "IHDR", width, height and five bytes more, then their checksum (PNG, 11.2.2).
  png.writeUInt32BE(side, 16);
  png.writeUInt32BE(side, 20);
  png.writeUInt32BE(crc32(png.subarray(12, 29)), 29);
  return png;
}

test('what is no picture, cut short, too large to decode or of a phone’s own kind is refused in words, and nothing is kept', async () => {
  const whole = await jpegOf(90, 400, 300);
  const heic = Buffer.concat([
    Buffer.from([0, 0, 0, 24]),
    Buffer.from('ftypheic'),
    Buffer.alloc(40),
  ]);
  const cases: readonly (readonly [string, Buffer, RegExp])[] = [
    ['of-nothing', Buffer.from('GIF89a and so on'), /no JPEG, PNG or WebP/],
    [
      'a-drawing1',
      Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>'),
      /no JPEG, PNG or WebP/,
    ],
    ['an-archive', Buffer.from('PK\u0003\u0004'), /no JPEG, PNG or WebP/],
    ['cut-short1', whole.subarray(0, whole.length / 2), /damaged or cut short/],
    ['head-alone', Buffer.from([0xff, 0xd8, 0xff, 0xe0]), /no JPEG, PNG or WebP/],
    ['of-a-phone', heic, /HEIC picture.*Set the camera to JPEG/],
    ['too-many-1', await vast(50_000), /2500 million pixels; up to 60/],
  ];
  for (const [id, bytes, says] of cases) {
    const answer = await send(id, bytes);
    expect([id, answer.statusCode, answer.json().error.code]).toEqual([id, 415, 'not-a-picture']);
    expect(answer.json().error.message).toMatch(says);
    expect((await ask('GET', `/api/pictures/${id}`)).status).toBe(404);
  }
  expect(await pictures()).toMatchObject({ count: 0 });
});
