import type { Outcome } from '@potter/core/flow';
import { type Brief, brief, judged, type Plan, type Studio } from '@potter/core/plan';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import {
  createContext,
  type ReactNode,
  useContext,
  useEffect,
  useMemo,
  useState,
  useSyncExternalStore,
} from 'react';
import { type Href, usePathname, useRouter } from 'expo-router';
import { View as Box } from 'react-native';
import { useOutcome } from '@/picture/use-pour';
import type { View } from '@/workers/messages';
import { useWide } from '@/ui/use-wide';
import { Failed, Waiting } from '@/ui/state';
import { useLessons } from '@/data/pieces';
import { useReactions } from '@/data/reactions';
import { useSettings } from '@/data/settings';
import { useShelf } from '@/data/shelf';
import { openSession, type PlanSession, type Saving } from '@/data/plan-session';
import { plansKey } from '@/data/plans';
import { studioOf } from '@/data/studio';
import { wentOn } from './went-on';

interface OpenPlan {
  readonly id: string;
  readonly plan: Plan;
  /** Everything computed from it; stations show this and compute nothing. */
  readonly brief: Brief;
  /** What it was computed with. */
  readonly studio: Studio;
  /** What its preview says came of it; absent until that is computed. */
  readonly outcome?: Outcome;
  /** The chance the preview is computed with, and another to try; keeping one is an edit. */
  readonly seed: number;
  readonly trySeed: (seed: number) => void;
  readonly view: View;
  readonly setView: (view: View) => void;
  readonly saving: Saving;
  /** Whether this device has what is on screen, should the page go now. */
  readonly kept: boolean;
  /** How many changes of other devices it has taken in since it was opened. */
  readonly takenIn: number;
  readonly why?: string;
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
  previewed,
  children,
}: {
  readonly id: string;
  /** Whether the station shows the preview on a phone too. */
  readonly previewed: boolean;
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
      <Box className="flex-1 bg-surround p-4">
        <Failed
          what="This plan cannot be opened."
          why={session.error.message}
          onRetry={() => void session.refetch()}
        />
      </Box>
    );
  }
  if (!session.data) {
    return (
      <Box className="flex-1 bg-surround p-4">
        <Waiting what="Opening the plan" />
      </Box>
    );
  }
  return (
    <Provide id={id} session={session.data} previewed={previewed}>
      {children}
    </Provide>
  );
}

/** Goes on at the same station of the plan that edits went on as. */
function useGoOn(id: string, branch: string | undefined): void {
  const router = useRouter();
  const client = useQueryClient();
  const at = usePathname();
  useEffect(() => {
    if (branch === undefined) return;
    wentOn.set({ id: branch, from: id });
    router.replace(at.replace(id, branch) as Href);
    // Opened again, it is the plan as the other device has it.
    return () => client.removeQueries({ queryKey: ['session', id] });
  }, [id, branch, at, router, client]);
}

function Provide({
  id,
  session,
  previewed,
  children,
}: {
  readonly id: string;
  readonly session: PlanSession;
  readonly previewed: boolean;
  readonly children: ReactNode;
}) {
  const state = useSyncExternalStore(session.subscribe, session.get);
  const shelf = useShelf();
  const reactions = useReactions();
  const lessons = useLessons();
  const { stayMm } = useSettings();
  const plan = state.history.now;
  const { surface } = plan;
  const studio = useMemo(
    () =>
      studioOf({
        shelf: shelf.data ?? [],
        now: new Date(),
        surface,
        reactions,
        lessons,
        settings: { stayMm },
      }),
    [shelf.data, surface, reactions, lessons, stayMm],
  );
  const computed = useMemo(() => brief(plan, studio), [plan, studio]);
  const [tried, setTried] = useState<{ readonly kept: number; readonly seed: number }>();
  const [view, setView] = useState<View>('dry');
  const wide = useWide();
  const kept = plan.seed ?? 1;
  // A seed tried is forgotten once another is kept, by an edit or by its undoing.
  const seed = tried?.kept === kept ? tried.seed : kept;
  const outcome = useOutcome(id, plan, computed, seed, view, wide || previewed);
  const told = useMemo(() => (outcome ? judged(computed, outcome) : computed), [computed, outcome]);
  useGoOn(id, state.branch);
  const value: OpenPlan = {
    id,
    plan,
    brief: told,
    studio,
    ...(outcome === undefined ? {} : { outcome }),
    seed,
    trySeed: (next) => setTried({ kept, seed: next }),
    view,
    setView,
    saving: state.saving,
    kept: state.kept,
    takenIn: state.takenIn,
    ...(state.why === undefined ? {} : { why: state.why }),
    canUndo: state.history.past.length > 0,
    canRedo: state.history.future.length > 0,
    edit: session.edit,
    undo: session.undo,
    redo: session.redo,
  };
  return <Context.Provider value={value}>{children}</Context.Provider>;
}
