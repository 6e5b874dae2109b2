import { todosOf } from '@potter/core/rack';
import { runsLow, shelfId, shelfName } from '@potter/core/stock';
import { Link, useRouter } from 'expo-router';
import SettingsIcon from 'lucide-react-native/icons/settings';
import type { ReactNode } from 'react';
import { Text, View } from 'react-native';
import { usePlans } from '@/data/plans';
import { useRuns } from '@/data/runs';
import { useHouse } from '@/data/settings';
import { useShelf } from '@/data/shelf';
import { PlanRow } from '@/plans/plan-row';
import { TodoRow } from '@/rack/todo-row';
import { usePieces, wallMin } from '@/rack/use-pieces';
import { Left } from '@/shelf/left';
import { IconButton } from '@/ui/button';
import { LongList } from '@/ui/long-list';
import { Screen } from '@/ui/screen';
import { Asking, Empty } from '@/ui/state';
import { Heading, Small, Strong } from '@/ui/type';
import { useNow } from '@/ui/use-now';

const TODAY = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long' });

/**
 * What matters now: the pour under way, pieces drying, plans to pour, soonest first.
 * @param underWay pours that are being carried out
 */
export function BenchScreen({ underWay }: { readonly underWay: ReactNode }) {
  const router = useRouter();
  const dated = usePlans('to-pour');
  const undated = usePlans('without-a-day');
  const any = usePlans();
  const shelf = useShelf();
  const now = useNow(60_000);
  return (
    <Screen
      title="Bench"
      acts={
        <IconButton icon={SettingsIcon} label="Settings" onPress={() => router.push('/settings')} />
      }
    >
      <Small className="-mt-3 mb-4 !text-16">{TODAY.format(now)}</Small>
      {underWay}
      <ToDo />
      <Asking query={dated} waiting="Looking at the bench" failed="The plans cannot be read." />
      {any.data?.count === 0 && shelf.data ? (
        shelf.data.some((item) => item.kind === 'paint') ? (
          <Empty
            says="The bench shows what to pour next. There is no plan yet."
            act="Make a plan"
            onAct={() => router.push('/plans/new')}
          />
        ) : (
          <Empty
            says="Potter plans a pour: how much paint, what goes into which cup, which moves, and how long it dries. It shows what will come of it before you spend the paint. Plans take their colours from your shelf, so begin with the paints you own."
            act="Tick the paints I own"
            onAct={() => router.push('/shelf/starter?then=/plans/new')}
          />
        )
      ) : null}
      <PlanGroup title="To pour" plans={dated} />
      <PlanGroup title="Without a day" plans={undated} />
      <RunningLow />
    </Screen>
  );
}

function PlanGroup({
  title,
  plans: { data, fetchNextPage },
}: {
  readonly title: string;
  readonly plans: ReturnType<typeof usePlans>;
}) {
  const { runs } = useRuns();
  // Poured at this table a moment ago, and perhaps not in the studio yet.
  const poured = new Set(runs.flatMap((r) => (r.endedAt === undefined ? [] : [r.planId])));
  const plans = (data?.plans ?? []).filter((p) => !poured.has(p.id));
  if (!data || plans.length === 0) return null;
  return (
    <View className="mb-6">
      <Heading>{title}</Heading>
      <LongList
        items={plans}
        count={Math.max(plans.length, data.count - (data.plans.length - plans.length))}
        onMore={() => void fetchNextPage()}
        row={(plan) => <PlanRow key={plan.id} plan={plan} />}
        className="mt-2 border-t border-rule"
      />
    </View>
  );
}

/** What stands at or below its mark on the shelf. */
function RunningLow() {
  const low = (useShelf().data ?? []).filter(runsLow);
  if (low.length === 0) return null;
  return (
    <View className="mb-6">
      <Heading>Running low</Heading>
      <View role="list" className="mt-2 border-t border-rule">
        {low.map((item) => (
          <View
            role="listitem"
            key={`${item.kind} ${shelfId(item)}`}
            className="border-b border-rule"
          >
            <Link
              href={`/shelf/${item.kind}/${shelfId(item)}`}
              aria-label={shelfName(item)}
              className="flex min-h-[48px] flex-row items-center gap-3 py-2 no-underline active:bg-pressed"
            >
              <Strong className="flex-1" lines={1}>
                {shelfName(item)}
              </Strong>
              <Left item={item} />
            </Link>
          </View>
        ))}
      </View>
    </View>
  );
}

/** What pieces on their way want done: overdue first, then now, then within the week. */
function ToDo() {
  const nowMs = useNow(60_000);
  const { pieces } = usePieces(nowMs);
  const todos = todosOf(pieces, useHouse(), wallMin(nowMs)).filter(({ does }) => does !== 'pour');
  if (pieces.length === 0) return null;
  return (
    <View className="mb-6 gap-4">
      {GROUPS.map(({ due, title }) => {
        const here = todos.filter((todo) => todo.due === due);
        return here.length === 0 ? null : (
          <View key={due}>
            <Heading>{title}</Heading>
            <View role="list" aria-label={title} className="mt-2 border-t border-rule">
              {here.map((todo) => (
                <TodoRow key={todo.piece.id} todo={todo} />
              ))}
            </View>
          </View>
        );
      })}
      <Link
        href="/bench/rack"
        className="flex min-h-[44px] flex-row items-center self-start border border-outline px-4 no-underline active:bg-pressed"
      >
        <Text className="font-bold text-16 text-ink">Rack, dates and clashes</Text>
      </Link>
    </View>
  );
}

const GROUPS = [
  { due: 'overdue', title: 'Overdue' },
  { due: 'now', title: 'Now' },
  { due: 'week', title: 'This week' },
  { due: 'later', title: 'Later' },
] as const;
