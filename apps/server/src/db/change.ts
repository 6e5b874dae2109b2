import type { Change, SchemaName } from '@potter/contract';
import { at, merged } from '@potter/contract/change';
import { judge } from '@potter/contract/validators';
import { Refused } from '../refused';

/** What stands at a place, for who wanted to change it. */
const nowThere = (value: unknown): string =>
  value === undefined
    ? 'is not there any more'
    : typeof value === 'object' && value !== null
      ? 'was changed there too'
      : `is ${typeof value === 'string' ? `“${value.slice(0, 60)}”` : String(value)} there`;

/**
 * A document as it stands with a change of it. Throws a refusal where another device changed the same place meanwhile, or where the changes
 * of both make no sound document: nothing is overwritten unseen.
 * @param stands undefined where there is none yet, or none that can be read
 * @param what in words: "This paint"
 */
export function withChange<T>(
  schema: SchemaName,
  stands: T | undefined,
  change: Change<T>,
  what: string,
): T {
  if (stands === undefined) return change.now;
  const result = merged(stands, change);
  const clashes = 'clashes' in result ? result.clashes : [];
  const faults =
    'is' in result
      ? judge(schema, result.is)
      : clashes.map((path) => ({ path, message: nowThere(at(stands, path)) }));
  if ('is' in result && faults.length === 0) return result.is;
  throw new Refused(
    'behind',
    `${what} was changed on another device in the meantime. Nothing was changed.`,
    faults,
  );
}
