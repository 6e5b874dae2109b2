import { realpathSync } from 'node:fs';
import { join, sep } from 'node:path';
import fastifyStatic from '@fastify/static';
import { Refused } from '../refused';
import type { Routes } from './contract';

/** Whether a path ends at something outside the folder, links followed; what is not there leads nowhere. */
function leadsOut(folder: string, path: string): boolean {
  try {
    const root = realpathSync(folder);
    const at = realpathSync(join(folder, decodeURIComponent(path)));
    return at !== root && !at.startsWith(root + sep);
  } catch {
    return false;
  }
}

/** Serves the built application; a path of the application without a file of its own gets its page. */
export async function serveApplication(app: Routes, folder: string | undefined): Promise<void> {
  if (folder !== undefined) {
    await app.register(fastifyStatic, {
      root: folder,
      preCompressed: true,
      cacheControl: false,
      dotfiles: 'ignore',
      // A link in the folder would lead out of it.
      allowedPath: (path) => !leadsOut(folder, path),
      // Names under these folders carry a digest of what they were made from.
      setHeaders: (reply, path) => {
        const digested = /[\\/](_expo[\\/]static|assets)[\\/]/.test(path);
        reply.setHeader(
          'cache-control',
          digested ? 'public, max-age=31536000, immutable' : 'no-cache',
        );
      },
    });
  }
  app.setNotFoundHandler((request, reply) => {
    const path = request.url.split('?')[0] ?? '';
    const asksForPage = request.method === 'GET' || request.method === 'HEAD';
    const page = asksForPage && !path.startsWith('/api/') && !/\.[a-z0-9]+$/i.test(path);
    if (page && folder !== undefined) return reply.sendFile('index.html');
    throw new Refused('not-found', `There is nothing at ${path}.`);
  });
}
