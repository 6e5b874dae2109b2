import { closeSync, openSync, readFileSync, rmSync, writeSync } from 'node:fs';

/** Another program has the studio's file. */
export class InUse extends Error {}

/**
 * Takes a file for this program alone, by a file beside it that holds the program's number; one left by a program that is gone is
 * taken over. Two programs on one database would each believe the other's writes their own.
 * @returns what gives it back
 * @throws InUse where another program that runs has it
 */
export function lockFile(path: string): () => void {
  const beside = `${path}.lock`;
  for (let tries = 0; tries < 3; tries++) {
    try {
      const handle = openSync(beside, 'wx', 0o600);
      writeSync(handle, String(process.pid));
      closeSync(handle);
      return () => {
        if (holder(beside) === process.pid) rmSync(beside, { force: true });
      };
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error;
      const pid = holder(beside);
      if (pid !== undefined && pid !== process.pid && runs(pid))
        throw new InUse(
          `The studio ${path} is open in another program (number ${pid}). Stop that one first, or name another file by POTTER_DB.`,
        );
      rmSync(beside, { force: true });
    }
  }
  throw new InUse(`The studio ${path} cannot be locked: another program keeps taking it.`);
}

function holder(beside: string): number | undefined {
  try {
    const pid = Number(readFileSync(beside, 'utf8').trim());
    return Number.isInteger(pid) && pid > 0 ? pid : undefined;
  } catch {
    return undefined;
  }
}

function runs(pid: number): boolean {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    // There, but not ours to signal.
    return (error as NodeJS.ErrnoException).code === 'EPERM';
  }
}
