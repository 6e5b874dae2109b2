import type { FastifyReply } from 'fastify';
import type { Database } from '../db/open';
import { by, DONE, named, type Routes } from '../http/contract';
import { Refused } from '../refused';
import { countPictures, dropUnusedPictures, putPicture, readPicture, readSmall } from './store';

/** A picture made small on the phone is some 200 kB; this is room for one that was not. */
const MOST_BYTES = 4 * 1024 * 1024;

export function pictureRoutes(app: Routes, db: Database, now: () => Date): void {
  // Only here, and as bytes: everywhere else a body that is no JSON is refused.
  void app.register((scope: Routes, _options, done) => {
    scope.addContentTypeParser(
      ['image/jpeg', 'image/png', 'image/webp'],
      { parseAs: 'buffer', bodyLimit: MOST_BYTES },
      (_request, body, ready) => ready(null, body),
    );
    scope.put(
      '/api/pictures/:id',
      { bodyLimit: MOST_BYTES, schema: { params: named('id'), response: { 200: by('Done') } } },
      async ({ params, body }) => {
        if (!Buffer.isBuffer(body))
          throw new Refused('not-a-picture', 'Send a picture: JPEG, PNG or WebP.');
        await putPicture(db, params.id, body, now());
        return DONE;
      },
    );
    done();
  });
  app.get('/api/pictures', { schema: { response: { 200: by('Pictures') } } }, () =>
    countPictures(db, now()),
  );
  app.delete('/api/pictures/unused', { schema: { response: { 200: by('Pictures') } } }, () =>
    dropUnusedPictures(db, now()),
  );
  app.get(
    '/api/pictures/:id/small',
    { schema: { params: named('id') } },
    async ({ params }, reply) => sent(reply, 'image/jpeg', await readSmall(db, params.id)),
  );
  app.get('/api/pictures/:id', { schema: { params: named('id') } }, async ({ params }, reply) => {
    const { type, bytes } = await readPicture(db, params.id);
    return sent(reply, type, bytes);
  });
}

/** A picture as it is. It never changes under its id. */
const sent = (reply: FastifyReply, type: string, bytes: Buffer) =>
  reply
    .header('cache-control', 'private, max-age=31536000, immutable')
    .type(type)
    .serializer((as: Buffer) => as as unknown as string)
    .send(bytes);
