import { mkdtempSync, rmSync } from 'node:fs';
import { type IncomingMessage, request as plainRequest } from 'node:http';
import { request } from 'node:https';
import { createServer } from 'node:net';
import { once } from 'node:events';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildApp } from '../src/app';
import { type Database, openDatabase } from '../src/db/open';
import { type HomeDoor, homeDoor } from '../src/home/door';
import { namesOf } from '../src/home/names';
import type { Routes } from '../src/http/contract';

/** An address of this machine that stands for its place on the home network. */
export const AT = '127.0.0.2';

/** Two free ports beside each other, as the door takes them. */
async function freePorts(): Promise<number> {
  for (;;) {
    const first = createServer().listen(0, AT);
    await once(first, 'listening');
    const { port } = first.address() as { port: number };
    const second = createServer().listen(port + 1, AT);
    const free = await Promise.race([
      once(second, 'listening').then(() => true),
      once(second, 'error').then(() => false),
    ]);
    for (const server of [first, second]) server.close();
    if (free) return port;
  }
}

interface Asked {
  readonly method?: string;
  readonly body?: unknown;
  readonly cookie?: string;
  readonly headers?: Readonly<Record<string, string>>;
}

export interface Answer {
  readonly status: number;
  readonly headers: IncomingMessage['headers'];
  readonly text: string;
  readonly body: any;
}

/** A studio open to its home network, anew for each test of a file. */
export function atHome() {
  const studio = {} as {
    folder: string;
    db: Database;
    home: HomeDoor;
    app: Routes;
    port: number;
    minutes: number;
  };
  beforeEach(async () => {
    const folder = mkdtempSync(join(tmpdir(), 'potter-home-'));
    const port = await freePorts();
    const now = () => new Date(Date.UTC(2026, 10, 28, 12, studio.minutes));
    const db = await openDatabase(':memory:', join(__dirname, '../drizzle'));
    const home = homeDoor({
      folder: join(folder, 'keys'),
      port,
      at: AT,
      names: () => namesOf('studio', [], AT),
      // Certificates are held against the real clock by who reads them.
      now: () => new Date(Date.now() + studio.minutes * 60_000),
    });
    Object.assign(studio, { folder, db, home, port, minutes: 0 });
    studio.app = await buildApp({ db, home, now });
    await studio.app.listen({ host: '127.0.0.1', port: 0 });
    await home.open(studio.app, false);
  });
  afterEach(async () => {
    await studio.home.close(false);
    await studio.app.close();
    await studio.db.close();
    rmSync(studio.folder, { recursive: true });
  });

  const host = () => `${AT}:${studio.port}`;

  /** Asks over the network, trusting the studio's authority and nothing else. */
  const over = (path: string, { method = 'GET', body, cookie, headers = {} }: Asked = {}) => {
    return new Promise<Answer>((resolve, reject) => {
      const asked = request(
        {
          host: AT,
          port: studio.port,
          path,
          method,
          ca: trusted,
          // By the address, whatever host is named.
          servername: '',
          agent: false,
          headers: {
            host: host(),
            ...(method === 'GET' ? {} : { origin: `https://${host()}` }),
            ...(body === undefined ? {} : { 'content-type': 'application/json' }),
            ...(cookie ? { cookie } : {}),
            ...headers,
          },
        },
        (response) => {
          let text = '';
          response.on('data', (part) => (text += String(part)));
          response.on('end', () =>
            resolve({
              status: response.statusCode ?? 0,
              headers: response.headers,
              text,
              body: text.startsWith('{') ? JSON.parse(text) : undefined,
            }),
          );
        },
      );
      asked.on('error', reject);
      asked.end(body === undefined ? undefined : JSON.stringify(body));
    });
  };
  let trusted = '';
  /** Fetches the authority's certificate from the plain page, as a phone does. */
  const trust = async (): Promise<string> => {
    trusted = (await plain('/authority.crt')).text;
    return trusted;
  };
  const plain = (path: string) =>
    new Promise<{ status: number; text: string }>((resolve, reject) => {
      plainRequest({ host: AT, port: studio.port + 1, path, agent: false }, (response) => {
        let text = '';
        response.on('data', (part) => (text += String(part)));
        response.on('end', () => resolve({ status: response.statusCode ?? 0, text }));
      })
        .on('error', reject)
        .end();
    });
  /** At the machine itself. */
  const here = async (method: string, path: string, body?: unknown) => {
    const { port } = studio.app.server.address() as { port: number };
    const response = await fetch(`http://127.0.0.1:${port}${path}`, {
      method,
      ...(body === undefined
        ? {}
        : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
    });
    return { status: response.status, body: (await response.json()) as any };
  };
  /** Pairs a device by a new code and returns what it carries. */
  const paired = async (name = 'Phone'): Promise<string> => {
    if (trusted === '' || !(await over('/api/health').catch(() => undefined))) await trust();
    const { body } = await here('POST', '/api/home/code');
    const answer = await over('/api/pair', {
      method: 'POST',
      body: { code: body.pairing.code, name },
    });
    return String(answer.headers['set-cookie']?.[0]).split(';')[0]!;
  };
  return { studio, over, plain, trust, here, paired, host, trusted: () => trusted };
}
