import type { Key } from '@/workers/key-messages';
import { lately } from './lately';

/** Sets of pictures this device keeps: those of an evening and then some, each pour's soon and finer. */
const MOST_SETS = 24;

const sets = lately<readonly Key[]>('potter-keys', MOST_SETS);

/**
 * The pictures of the moves of a pour, from this device where it has them, else as `make` makes them, to be there at the table whatever becomes of the
 * studio. A device that has no room for them, or forbids it, has them made each time.
 * @param of tells one pour from another
 */
export async function keptKeys(
  of: string,
  make: () => Promise<readonly Key[]>,
): Promise<readonly Key[]> {
  const have = await sets.find(of);
  if (have) return have;
  const keys = await make();
  await sets.keep(of, keys);
  return keys;
}
