import { createHash, randomBytes, randomUUID } from 'node:crypto';
import type { Device, Devices } from '@potter/contract';
import { and, desc, eq, isNull, lt } from 'drizzle-orm';
import type { Database } from '../db/open';
import { devices } from '../db/schema';
import { Refused } from '../refused';

/** A device that is let in. */
export interface KnownDevice {
  readonly id: string;
  readonly name: string;
}

/** Written down this often, so that a look at a list is no write, ms. */
const USED_EVERY_MS = 60_000;
/** A device put out by mistake can be let in again for so long, ms. */
const BACK_WITHIN_MS = 86_400_000;

const digestOf = (token: string): string => createHash('sha256').update(token).digest('hex');

/** Lets a device in. What it carries from now on is told once, here, and kept nowhere. */
export async function letIn(db: Database, name: string, now: Date): Promise<{ token: string }> {
  const token = randomBytes(32).toString('base64url');
  const at = now.getTime();
  await db.write((w) =>
    w.insert(devices).values({
      id: randomUUID(),
      name: name.trim(),
      token: digestOf(token),
      pairedAt: at,
      lastUsedAt: at,
    }),
  );
  return { token };
}

/** The device that carries a token; none where it was never let in, or was put out. */
export async function deviceBy(
  db: Database,
  token: string | undefined,
  now: Date,
): Promise<KnownDevice | undefined> {
  if (!token) return undefined;
  const [found] = await db.read
    .select({ id: devices.id, name: devices.name, lastUsedAt: devices.lastUsedAt })
    .from(devices)
    .where(and(eq(devices.token, digestOf(token)), isNull(devices.revokedAt)));
  if (!found) return undefined;
  const { lastUsedAt, ...device } = found;
  const at = now.getTime();
  if (at - lastUsedAt > USED_EVERY_MS)
    void db
      .write((w) => w.update(devices).set({ lastUsedAt: at }).where(eq(devices.id, device.id)))
      // Only a note of when: a full disk says so where something is to be kept.
      .catch(() => undefined);
  return device;
}

/** Devices as Settings show them, those used last first. */
export async function readDevices(
  { read }: Database,
  here: KnownDevice | undefined,
): Promise<Devices> {
  const rows = await read.select().from(devices).orderBy(desc(devices.lastUsedAt), devices.id);
  return {
    devices: rows.map(({ token: _, revokedAt, ...row }): Device => ({
      ...row,
      ...(revokedAt === null ? {} : { revokedAt }),
      here: row.id === here?.id,
    })),
  };
}

/** Names a device anew, puts it out, or lets it in again. Throws where there is none of this id. */
export async function changeDevice(
  db: Database,
  id: string,
  { name, revoked }: { readonly name?: string; readonly revoked?: boolean },
  now: Date,
): Promise<void> {
  const set = {
    ...(name === undefined ? {} : { name: name.trim() }),
    ...(revoked === undefined ? {} : { revokedAt: revoked ? now.getTime() : null }),
  };
  const [row] = await db.write((w) =>
    Object.keys(set).length === 0
      ? w.select({ id: devices.id }).from(devices).where(eq(devices.id, id))
      : w.update(devices).set(set).where(eq(devices.id, id)).returning({ id: devices.id }),
  );
  if (!row) throw new Refused('no-device', 'This device is not among those of the studio.');
}

/** Forgets devices that were put out a while ago. */
export const forgetDevices = (db: Database, now: Date): Promise<void> =>
  db.write(async (w) => {
    await w.delete(devices).where(lt(devices.revokedAt, now.getTime() - BACK_WITHIN_MS));
  });
