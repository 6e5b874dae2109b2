import { chmod, mkdir, readFile, rename, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import {
  daysLeft,
  type Held,
  makeAuthority,
  makeCertificate,
  RENEW_DAYS,
  serves,
  vouchesFor,
} from './authority';
import { type Names, within } from './names';

/** What a studio shows its devices: the authority they trust, and the server's own certificate. */
export interface Papers {
  readonly authority: Held;
  readonly server: Held;
  /** Whether phones that trusted an earlier authority have to trust this one. */
  readonly renewedAuthority: boolean;
}

/**
 * The studio's papers out of its folder; what is not there, is over soon, or does not fit the machine's names any more is made anew. Keys are
 * readable by their owner only.
 */
export async function papersIn(folder: string, names: Names, now: Date): Promise<Papers> {
  await mkdir(folder, { recursive: true, mode: 0o700 });
  await chmod(folder, 0o700);
  const known = await read(folder, 'authority');
  const stands = known !== undefined && covers(known.certificate, names, now);
  const authority = stands ? known : await makeAuthority(names, now);
  if (!stands) await write(folder, 'authority', authority);
  const served = await read(folder, 'server');
  const good =
    served !== undefined && serves(served.certificate, authority.certificate, names, now);
  const server = good ? served : await makeCertificate(authority, names, now);
  if (!good) await write(folder, 'server', server);
  return { authority, server, renewedAuthority: known !== undefined && !stands };
}

/** Whether an authority may vouch for all of a machine's names, for as long as a new server's certificate lasts. */
function covers(certificate: string, names: Names, now: Date): boolean {
  const { dns, networks } = vouchesFor(certificate);
  return (
    names.dns.every((name) => dns.includes(name)) &&
    within(names.addresses, networks) &&
    daysLeft(certificate, now) > 365 + RENEW_DAYS
  );
}

async function read(folder: string, name: string): Promise<Held | undefined> {
  try {
    const [key, certificate] = await Promise.all([
      readFile(join(folder, `${name}.key`), 'utf8'),
      readFile(join(folder, `${name}.crt`), 'utf8'),
    ]);
    return { key, certificate };
  } catch {
    return undefined;
  }
}

/** The key first: a certificate without its key would be taken for whole. */
async function write(folder: string, name: string, { key, certificate }: Held): Promise<void> {
  for (const [file, text, mode] of [
    [`${name}.key`, key, 0o600],
    [`${name}.crt`, certificate, 0o644],
  ] as const) {
    const path = join(folder, file);
    await writeFile(`${path}.new`, text, { mode });
    await chmod(`${path}.new`, mode);
    await rename(`${path}.new`, path);
  }
}
