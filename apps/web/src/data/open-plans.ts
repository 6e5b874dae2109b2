import { brief, type Brief, type Plan } from '@potter/core/plan';
import { useQueries } from '@tanstack/react-query';
import { studioOf } from './studio';
import { openSession, type PlanSession } from './plan-session';
import { useSettings } from './settings';
import { useShelf } from './shelf';

export interface OpenPlan {
  readonly id: string;
  readonly title: string;
  readonly plan: Plan;
  readonly brief: Brief;
  readonly edit: PlanSession['edit'];
}

/** Several plans as they stand on this device, with what is computed from each. */
export function useOpenPlans(ids: readonly string[]): {
  readonly plans: readonly OpenPlan[];
  readonly pending: boolean;
  readonly error: Error | null;
} {
  const shelf = useShelf();
  const settings = useSettings();
  // Edits not yet saved count too: a session holds them, a fetch would not.
  const sessions = useQueries({
    queries: ids.map((id) => ({
      queryKey: ['session', id],
      queryFn: () => openSession(id),
      staleTime: 0,
      structuralSharing: false as const,
    })),
  });
  const items = shelf.data;
  // Cheap beside drawing them, and always of the document as it is.
  const plans = sessions.flatMap((session, i): OpenPlan[] => {
    const open = session.data;
    const plan = open?.get().history.now;
    return open && plan
      ? [
          {
            id: ids[i]!,
            title: plan.title,
            plan,
            edit: open.edit,
            brief: brief(
              plan,
              studioOf({
                shelf: items ?? [],
                now: new Date(),
                surface: plan.surface,
                settings,
              }),
            ),
          },
        ]
      : [];
  });
  return {
    plans,
    pending: sessions.some((s) => s.isPending),
    error: sessions.find((s) => s.error)?.error ?? null,
  };
}

/** Plan ids from an address such as ?plans=a,b. */
export const idsIn = (list: string | undefined): string[] =>
  (list ?? '').split(',').filter((id) => id !== '');
