import Fastify from 'fastify';
import { binRoutes } from './bin/routes';
import { calendarRoutes } from './calendar/routes';
import { copyRoutes } from './copies/routes';
import type { Database } from './db/open';
import { serveApplication } from './http/assets';
import { by, holdToContract, type Routes } from './http/contract';
import { LOOPBACK_ONLY } from './http/door';
import { guard } from './http/guard';
import { refuseInOneShape } from './http/refusal';
import type { HomeDoor } from './home/door';
import { gate } from './home/gate';
import { homeRoutes } from './home/routes';
import { liveHub } from './live/hub';
import { liveRoutes } from './live/routes';
import { pictureRoutes } from './pictures/routes';
import type { PourHost } from './pours/host';
import { pourRoutes } from './pours/routes';
import type { PrintHost } from './prints/host';
import { printRoutes } from './prints/routes';
import { pieceRoutes } from './pieces/routes';
import { planRoutes } from './plans/routes';
import { rackRoutes } from './rack/routes';
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
  /** Where prints are made; without it none are. */
  readonly prints?: PrintHost;
  /** Its door to the network; without it only its own machine reaches it. */
  readonly home?: HomeDoor;
  /** Whether the machine itself has to be a paired device too. */
  readonly loopbackAsks?: boolean;
  readonly now?: () => Date;
  readonly log?: boolean;
}

/** The whole server, not yet listening. It keeps no state but the database, and which stored texts it has found sound. */
export async function buildApp({
  db,
  webFolder,
  pours,
  prints,
  home,
  loopbackAsks = false,
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
  guard(app, home ? home.reach : () => LOOPBACK_ONLY);
  gate(app, db, now, loopbackAsks);
  holdToContract(app);
  app.get('/api/health', { schema: { response: { 200: by('Health') } } }, () => ({
    ok: true as const,
    version: VERSION,
  }));
  planRoutes(app, db, now);
  shelfRoutes(app, db, now);
  runRoutes(app, db, now);
  pieceRoutes(app, db, now);
  pictureRoutes(app, db, now);
  reactionRoutes(app, db);
  settingsRoutes(app, db);
  rackRoutes(app, db, now);
  calendarRoutes(app, db, now);
  binRoutes(app, db, now);
  copyRoutes(app, db, now);
  if (pours) pourRoutes(app, pours);
  if (prints) printRoutes(app, prints);
  const hub = liveHub(() => now().getTime());
  liveRoutes(app, hub);
  if (home) homeRoutes(app, db, home, now, hub.putOut);
  await serveApplication(app, webFolder);
  return app;
}
