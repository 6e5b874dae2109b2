import Fastify from 'fastify';
import { binRoutes } from './bin/routes';
import { copyRoutes } from './copies/routes';
import type { Database } from './db/open';
import { serveApplication } from './http/assets';
import { by, holdToContract, type Routes } from './http/contract';
import { guard } from './http/guard';
import { refuseInOneShape } from './http/refusal';
import { pictureRoutes } from './pictures/routes';
import type { PourHost } from './pours/host';
import { pourRoutes } from './pours/routes';
import { planRoutes } from './plans/routes';
import { reactionRoutes } from './reactions/routes';
import { runRoutes } from './runs/routes';
import { settingsRoutes } from './settings/routes';
import { shelfRoutes } from './shelf/routes';

const VERSION = '0.1.0';

/** Twelve colours in forty layers with all their moves are some 30 kB; a plan beyond this is a mistake. */
const BODY_BYTES = 1_000_000;

/** A request that takes longer to arrive is none a device of the studio sends, ms. */
const REQUEST_MS = 30_000;

export interface AppSetting {
  readonly db: Database;
  /** Folder of the built application; without it only the API is served. */
  readonly webFolder?: string;
  /** Where pours are computed; without it the API computes none. */
  readonly pours?: PourHost;
  readonly now?: () => Date;
  readonly log?: boolean;
}

/** The whole server, not yet listening. It keeps no state but the database, and which stored texts it has found sound. */
export async function buildApp({
  db,
  webFolder,
  pours,
  now = () => new Date(),
  log = false,
}: AppSetting): Promise<Routes> {
  const app: Routes = Fastify({
    bodyLimit: BODY_BYTES,
    logger: log ? { level: 'warn' } : false,
    forceCloseConnections: 'idle',
    requestTimeout: REQUEST_MS,
    // An address that cannot be read meets no route, so no handler of errors either.
    frameworkErrors: (error, request, reply) => void refuseInOneShape(error, request, reply),
  });
  app.setErrorHandler(refuseInOneShape);
  guard(app);
  holdToContract(app);
  app.get('/api/health', { schema: { response: { 200: by('Health') } } }, () => ({
    ok: true as const,
    version: VERSION,
  }));
  planRoutes(app, db, now);
  shelfRoutes(app, db, now);
  runRoutes(app, db, now);
  pictureRoutes(app, db, now);
  reactionRoutes(app, db);
  settingsRoutes(app, db);
  binRoutes(app, db, now);
  copyRoutes(app, db, now);
  if (pours) pourRoutes(app, pours);
  await serveApplication(app, webFolder);
  return app;
}
