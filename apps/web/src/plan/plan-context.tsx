import { type Brief, brief, type Plan } from '@potter/core/plan';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import {
  createContext,
  type ReactNode,
  useContext,
  useEffect,
  useMemo,
  useSyncExternalStore,
} from 'react';
import { View } from 'react-native';
import { Failed, Waiting } from '@/ui/state';
import { useShelf } from '@/data/shelf';
import { openSession, type PlanSession, type Saving } from '@/data/plan-session';
import { plansKey } from '@/data/plans';
import { studioOf } from './studio';

interface OpenPlan {
  readonly id: string;
  readonly plan: Plan;
  /** Everything computed from it; stations show this and compute nothing. */
  readonly brief: Brief;
  readonly saving: Saving;
  readonly why?: string;
  /** Where these edits went on, after another device had changed this plan. */
  readonly branch?: string;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly edit: PlanSession['edit'];
  readonly undo: () => void;
  readonly redo: () => void;
}

/** From one station to the next takes less than this; whoever was away longer opens the plan as it is by then. */
const BETWEEN_STATIONS_MS = 1500;

const Context = createContext<OpenPlan | undefined>(undefined);

/** The plan a station works on. */
export function usePlan(): OpenPlan {
  const open = useContext(Context);
  if (!open) throw new Error('no plan is open here');
  return open;
}

/** Opens a plan for a station, and keeps it open while one walks to the next. */
export function PlanProvider({
  id,
  children,
}: {
  readonly id: string;
  readonly children: ReactNode;
}) {
  const client = useQueryClient();
  // The session holds unsaved work: it is never fetched anew behind the artist's back.
  const session = useQuery({
    queryKey: ['session', id],
    queryFn: () => openSession(id),
    staleTime: Infinity,
    gcTime: BETWEEN_STATIONS_MS,
    structuralSharing: false,
  });
  useEffect(() => {
    const open = session.data;
    if (!open) return;
    addEventListener('pagehide', open.flush);
    return () => {
      removeEventListener('pagehide', open.flush);
      open.flush();
      void client.invalidateQueries({ queryKey: plansKey });
    };
  }, [session.data, client]);
  if (session.isError) {
    return (
      <View className="flex-1 bg-surround p-4">
        <Failed
          what="This plan cannot be opened."
          why={session.error.message}
          onRetry={() => void session.refetch()}
        />
      </View>
    );
  }
  if (!session.data) {
    return (
      <View className="flex-1 bg-surround p-4">
        <Waiting what="Opening the plan" />
      </View>
    );
  }
  return (
    <Provide id={id} session={session.data}>
      {children}
    </Provide>
  );
}

function Provide({
  id,
  session,
  children,
}: {
  readonly id: string;
  readonly session: PlanSession;
  readonly children: ReactNode;
}) {
  const state = useSyncExternalStore(session.subscribe, session.get);
  const shelf = useShelf();
  const plan = state.history.now;
  const computed = useMemo(
    () => brief(plan, studioOf(shelf.data ?? [], new Date())),
    [plan, shelf.data],
  );
  const value: OpenPlan = {
    id,
    plan,
    brief: computed,
    saving: state.saving,
    ...(state.why === undefined ? {} : { why: state.why }),
    ...(state.branch === undefined ? {} : { branch: state.branch }),
    canUndo: state.history.past.length > 0,
    canRedo: state.history.future.length > 0,
    edit: session.edit,
    undo: session.undo,
    redo: session.redo,
  };
  return <Context.Provider value={value}>{children}</Context.Provider>;
}
