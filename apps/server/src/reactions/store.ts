import type { ReactionList } from '@potter/contract';
import type { Reaction } from '@potter/core/paint';
import { desc, eq } from 'drizzle-orm';
import { readDocuments, textIn } from '../db/documents';
import type { Database } from '../db/open';
import { reactions } from '../db/schema';
import { Refused } from '../refused';

/** All that was noted, the newest first. */
export async function listReactions({ read }: Database): Promise<ReactionList> {
  const rows = await read
    .select({ id: reactions.id, text: textIn(reactions.reaction) })
    .from(reactions)
    .orderBy(desc(reactions.noted), reactions.id);
  const { sound, apart } = readDocuments<Reaction>('Reaction', rows);
  return { reactions: sound, apart };
}

export async function putReaction(db: Database, id: string, reaction: Reaction): Promise<Reaction> {
  if (reaction.id !== id)
    throw new Refused('invalid', 'The note and its address differ. Nothing was changed.', [
      { path: '/id', message: `must be "${id}"; it is "${reaction.id}"` },
    ]);
  const row = { noted: reaction.on, reaction };
  await db.write((w) =>
    w
      .insert(reactions)
      .values({ id, ...row })
      .onConflictDoUpdate({ target: reactions.id, set: row }),
  );
  return reaction;
}

export async function deleteReaction(db: Database, id: string): Promise<void> {
  const [gone] = await db.write((w) =>
    w.delete(reactions).where(eq(reactions.id, id)).returning({ id: reactions.id }),
  );
  if (!gone) throw new Refused('no-reaction', 'This note is not in the studio any more.');
}
