import { edit, type Plan } from '@potter/core/plan';
import { useQueryClient } from '@tanstack/react-query';
import { openSession, settled } from './plan-session';
import { plansKey } from './plans';
import { rackKey } from './rack';

/** Changes plans that are not on screen, each in its own history, and resolves once the studio has them. */
export function useChangePlans(): (
  changes: readonly { readonly id: string; readonly change: (plan: Plan) => Plan }[],
) => Promise<void> {
  const client = useQueryClient();
  return async (changes) => {
    await Promise.all(
      changes.map(async ({ id, change }) => {
        const session = await openSession(id);
        session.edit(change);
        await settled(id);
      }),
    );
    await Promise.all(
      [rackKey, plansKey].map((queryKey) => client.invalidateQueries({ queryKey })),
    );
  };
}

/** A plan poured on this day, or without one. */
export const pouredOn = (pour: string | undefined) => (plan: Plan) => edit.setDates(plan, { pour });
