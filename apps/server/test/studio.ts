import { join } from 'node:path';
import type { PlanRecord } from '@potter/contract';
import { newPlan, type Plan } from '@potter/core/plan';
import type { ShelfPaint } from '@potter/core/stock';
import { plainSurface } from '@potter/core/surface';
import type { FastifyInstance } from 'fastify';
import { buildApp } from '../src/app';
import { type Database, openDatabase } from '../src/db/open';

export const OAT: ShelfPaint = {
  kind: 'paint',
  paint: {
    id: 'oat',
    name: 'Oat milk',
    hex: '#ece5d6',
    opacity: 'opaque',
    body: 'heavy',
    finish: 'satin',
  },
  stockMl: 300,
};

export const plan = (title = 'Quince and Slate'): Plan =>
  newPlan({
    title,
    surface: plainSurface(
      { kind: 'rect', widthMm: 500, heightMm: 400 },
      { edgeDepthMm: 18, coverEdges: true },
    ),
    paints: [OAT.paint, { ...OAT.paint, id: 'slate', name: 'Slate', hex: '#3b464e' }],
    technique: 'flip-cup',
  });

type Method = 'GET' | 'POST' | 'PUT' | 'DELETE';

/** A studio in memory, anew for each test of a file; a minute goes by with everything that asks for the time. */
export function inStudio() {
  let db: Database;
  let app: FastifyInstance;
  let minute = 0;
  const at = { days: 0 };

  beforeEach(async () => {
    db = await openDatabase(':memory:', join(__dirname, '../drizzle'));
    at.days = 0;
    app = await buildApp({
      db,
      now: () => new Date(Date.UTC(2026, 10, 24 + at.days, 10, minute++)),
    });
  });
  afterEach(async () => {
    await app.close();
    await db.close();
  });

  const ask = async (
    method: Method,
    url: string,
    payload?: unknown,
    headers: Record<string, string> = {},
  ) => {
    const answer = await app.inject({
      method,
      url,
      headers: { host: '127.0.0.1:4173', ...headers },
      ...(payload === undefined ? {} : { payload: payload as object }),
    });
    return { status: answer.statusCode, body: answer.json(), headers: answer.headers };
  };
  return {
    ask,
    /** Puts a document that may have been changed elsewhere; `was`: what the sender saw where it changed something. */
    put: (url: string, now: unknown, was?: object) =>
      ask('PUT', url, { now, ...(was ? { was } : {}) }),
    made: async (p = plan()) => (await ask('POST', '/api/plans', { plan: p })).body as PlanRecord,
    later: (days: number): void => void (at.days += days),
    db: () => db,
    app: () => app,
  };
}
