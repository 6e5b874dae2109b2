import type { Documents } from '../db/documents';
import { Refused } from '../refused';

/** The one document asked for. Throws a refusal that says what is wrong with it where it is not as it should be. */
export function theOne<T>({ sound: [one], apart: [fault] }: Documents<T>, what: string): T {
  if (one !== undefined) return one;
  throw new Refused(
    'unreadable',
    `This ${what} is in the studio’s file, but not as it should be: ${fault?.why ?? 'it is empty'}. It was left as it is.`,
  );
}
