import type { Database } from '../db/open';
import { by, DONE, named, type Routes } from '../http/contract';
import {
  allPieces,
  deletePiece,
  getPiece,
  listLessons,
  listPieces,
  putPiece,
  readSeason,
  takeIn,
} from './store';

/** A journal of some thousand pieces with all that was said of them. */
const MOST_BYTES = 32 * 1024 * 1024;

export function pieceRoutes(app: Routes, db: Database, now: () => Date): void {
  app.get(
    '/api/pieces',
    { schema: { querystring: by('PiecesAsk'), response: { 200: by('PieceList') } } },
    ({ query }) => listPieces(db, query),
  );
  app.get('/api/pieces/season', { schema: { response: { 200: by('Season') } } }, () =>
    readSeason(db),
  );
  app.get('/api/pieces/lessons', { schema: { response: { 200: by('LessonList') } } }, () =>
    listLessons(db),
  );
  app.get('/api/pieces/file', { schema: { response: { 200: by('PieceFile') } } }, async () => ({
    pieces: await allPieces(db),
  }));
  app.post(
    '/api/pieces/file',
    { bodyLimit: MOST_BYTES, schema: { body: by('PieceFile'), response: { 200: by('Done') } } },
    async ({ body }) => {
      await takeIn(db, body.pieces);
      return DONE;
    },
  );
  app.get(
    '/api/pieces/:id',
    { schema: { params: named('id'), response: { 200: by('Piece') } } },
    ({ params }) => getPiece(db, params.id),
  );
  app.put(
    '/api/pieces/:id',
    { schema: { params: named('id'), body: by('PieceChange'), response: { 200: by('Piece') } } },
    ({ params, body }) => putPiece(db, params.id, body),
  );
  app.delete(
    '/api/pieces/:id',
    { schema: { params: named('id'), response: { 200: by('Done') } } },
    async ({ params }) => {
      await deletePiece(db, params.id, now());
      return DONE;
    },
  );
}
