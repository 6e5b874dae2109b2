import { chmod, mkdir, open, rename, rm } from 'node:fs/promises';
import { dirname } from 'node:path';
import type { Client } from '@libsql/client';

/**
 * Writes the whole database into a file of its own, compact and without a log beside it; complete, or not there at all. What is read and
 * written meanwhile goes on.
 */
export async function copyInto(client: Pick<Client, 'execute'>, path: string): Promise<void> {
  await mkdir(dirname(path), { recursive: true, mode: 0o700 });
  const part = `${path}.part`;
  await rm(part, { force: true });
  try {
    await client.execute({ sql: 'VACUUM INTO ?', args: [part] });
    const file = await open(part, 'r+');
    await file.sync();
    await file.close();
    await chmod(part, 0o600);
    await rename(part, path);
  } catch (error) {
    await rm(part, { force: true });
    throw error;
  }
}
