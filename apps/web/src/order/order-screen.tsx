import { ORDER_SCHOOLS, type OrderSchoolId } from '@potter/core/order';
import {
  mixNames,
  cupOrderAsk,
  edit as edits,
  judgeOrder,
  meetingsOf,
  type Plan,
  seamsOf,
} from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import Svg from 'react-native-svg';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { CoreColumn } from '@/ui/core-column';
import { Pick } from '@/ui/pick';
import { Screen } from '@/ui/screen';
import { Section } from '@/ui/section';
import { Failed, Waiting } from '@/ui/state';
import { useTokens } from '@/ui/tokens';
import { Body, Heading, Small, Strong } from '@/ui/type';
import { useWide } from '@/ui/use-wide';
import { VerdictLine } from '@/ui/verdict';
import { costWords, noneWords, wishWords } from './asked-words';
import { MeetingList } from './meeting-list';
import { useArrangeCups, useOrder } from './use-order';
import { Wishes } from './wishes';

type Shown = OrderSchoolId | 'loaded';

/** The best order for a cup under what is asked of it, beside another: as it is loaded, or by another school. */
export function OrderScreen() {
  const { id, plan, brief, canUndo, undo } = usePlan();
  const router = useRouter();
  const params = useLocalSearchParams<{ cup?: string }>();
  const own = plan.cups.flatMap((cup, i) => (cup.layers ? [i] : []));
  const [chosen, setCup] = useState(Number(params.cup ?? 0));
  const cup = own.includes(chosen) ? chosen : (own[0] ?? 0);
  const wished = plan.order?.school ?? 'contrast';
  const [left, setLeft] = useState<Shown>('loaded');
  const [right, setRight] = useState<Shown>();
  const wide = useWide();
  const nameOf = mixNames(plan);
  const inCup = [...new Set((plan.cups[cup]?.layers ?? []).map((l) => l.mix))];
  return (
    <Screen
      title="Order"
      acts={
        <>
          <Button label="Undo" disabled={!canUndo} onPress={undo} />
          <Button label="Back" onPress={() => router.replace(`/plans/${id}/cups`)} />
        </>
      }
    >
      <View className="gap-6 wide:flex-row wide:items-start wide:gap-10">
        <View className="gap-4 wide:w-[400px]">
          {own.length > 1 ? (
            <Choice
              label="Cup"
              value={String(cup)}
              options={own.map((i) => ({ value: String(i), label: `Cup ${i + 1}` }))}
              onChange={(i) => setCup(Number(i))}
            />
          ) : null}
          <Section
            title="What you ask of it"
            says={wishWords(plan.order ?? { school: 'contrast' }, nameOf)}
            open={wide}
          >
            <Wishes cup={cup} inCup={inCup} />
          </Section>
        </View>
        <View className="gap-4 wide:flex-1">
          <Heading>Two orders side by side</Heading>
          {cupOrderAsk(plan, brief, cup) === undefined ? (
            <Body>A cup with one colour has no order. Lay another colour in at Cups.</Body>
          ) : (
            <View className="flex-row gap-4">
              <Order cup={cup} shown={left} label="On the left" onShown={setLeft} />
              <Order
                cup={cup}
                shown={right ?? wished}
                label="On the right"
                onShown={(shown) => setRight(shown === wished ? undefined : shown)}
              />
            </View>
          )}
        </View>
      </View>
    </Screen>
  );
}

interface OrderProps {
  readonly cup: number;
  readonly shown: Shown;
  readonly label: string;
  readonly onShown: (shown: Shown) => void;
}

/** One order: its core, how it does, its weakest seams, what each wish costs it, and the act of loading it. */
function Order({ cup, shown, label, onShown }: OrderProps) {
  const { plan, brief, edit } = usePlan();
  const wanted = {
    ...plan.order,
    school: shown === 'loaded' ? ('contrast' as const) : shown,
  };
  const asked = cupOrderAsk(plan, brief, cup, wanted);
  // Cups that were changed meanwhile stay as they are now.
  const arrangeAll = useArrangeCups(({ cups }, asked) =>
    edit((p) => (p.cups === asked.cups ? { ...p, cups } : p)),
  );
  const ownCups = plan.cups.filter((c) => c.layers).length;
  const answer = useOrder(shown === 'loaded' ? undefined : asked?.ask);
  const nameAt = (i: number) => {
    const mix = asked?.mixes[i];
    return plan.mixes.find((m) => m.id === mix)?.name ?? 'this colour';
  };
  const found = answer.data && 'found' in answer.data ? answer.data : undefined;
  const ranked = found
    ? [found.found, ...found.others, ...(found.turned ? [found.turned] : [])]
    : [];
  const called = (i: number) => (ranked[i] === found?.turned ? 'Upside down' : RANKS[i]!);
  const [rank, setRank] = useState(0);
  // Another question has fewer answers, perhaps.
  const arranged = ranked[rank] ?? ranked[0];
  const load = (p: Plan, index: number): Plan =>
    asked && arranged ? edits.loadInOrder(p, index, asked.mixes, arranged) : p;
  // Cups that hold the very same layers may be loaded so as well, where they are to be alike.
  const alike = plan.cups.flatMap((c, i) =>
    i !== cup && c.layers && !wanted.facing && sameLayers(plan, i, cup) ? [i] : [],
  );
  return (
    <View className="min-w-0 flex-1 gap-3">
      <Pick
        label={label}
        value={shown}
        options={[
          { value: 'loaded', label: 'As it is loaded' },
          ...Object.values(ORDER_SCHOOLS).map(({ id, name }) => ({ value: id, label: name })),
        ]}
        onChange={(value) => onShown(value as Shown)}
      />
      {shown === 'loaded' ? (
        <Told plan={plan} cup={cup} />
      ) : answer.isError ? (
        <Failed
          what="No order was found."
          why={answer.error.message}
          onRetry={() => void answer.refetch()}
        />
      ) : !answer.data ? (
        <Waiting what="Weighing the orders" />
      ) : 'none' in answer.data ? (
        <Failed what="There is no such order." why={noneWords(answer.data.none, nameAt)} />
      ) : 'tooMany' in answer.data ? (
        <Failed
          what="There are too many orders to weigh."
          why="Take layers out, or ask for less between repeats."
        />
      ) : (
        <>
          {ranked.length > 1 ? (
            <Choice
              label="Of the best"
              value={String(ranked[rank] ? rank : 0)}
              options={ranked.map((_, i) => ({ value: String(i), label: called(i) }))}
              onChange={(value) => setRank(Number(value))}
            />
          ) : null}
          <Told plan={load(plan, cup)} cup={cup} />
          {(arranged === answer.data.found ? answer.data.costs : []).map((cost) => (
            <Small key={costWords(cost, nameAt)} className="!text-ink">
              {costWords(cost, nameAt)}
            </Small>
          ))}
          {inOrder(load(plan, cup), cup) === inOrder(plan, cup) ? (
            <View role="status">
              <Strong>The cup is loaded so.</Strong>
            </View>
          ) : (
            <Button
              primary
              label="Load it so"
              onPress={() => edit((p) => load(p, cup))}
              className="min-h-[56px]"
            />
          )}
          {alike.length > 0 ? (
            <Button
              label={`And ${alike.length === 1 ? `cup ${alike[0]! + 1}` : `${alike.length} cups`} alike`}
              onPress={() => edit((p) => [cup, ...alike].reduce(load, p))}
            />
          ) : null}
          {ownCups > 1 ? (
            <>
              <Button
                label={
                  arrangeAll.isPending ? 'Ordering the cups' : `Order all ${ownCups} cups by this`
                }
                disabled={arrangeAll.isPending}
                onPress={() => arrangeAll.mutate({ plan, brief, wanted })}
              />
              {arrangeAll.isError ? (
                <Failed what="The cups were not ordered." why={arrangeAll.error.message} />
              ) : null}
            </>
          ) : null}
        </>
      )}
    </View>
  );
}

const RANKS = ['1st', '2nd', '3rd'];
const WIDTH = 56;
const HEIGHT = 200;
const MOST_WEAK = 3;

/** A plan's cup in this order: the core with its names, the verdict, its three weakest seams. */
function Told({ plan, cup }: { readonly plan: Plan; readonly cup: number }) {
  const { brief } = usePlan();
  const { ink } = useTokens();
  const layers = plan.cups[cup]?.layers ?? [];
  const nameOf = mixNames(plan);
  const seams = seamsOf(plan, brief, cup);
  const judged = judgeOrder(seams);
  const weak = [...seams].sort((a, b) => a.judged.score - b.judged.score).slice(0, MOST_WEAK);
  return (
    <>
      <View className="flex-row gap-3">
        <Svg width={WIDTH} height={HEIGHT} role="img" aria-label="Core of this order">
          <CoreColumn
            x={2}
            y={6}
            width={WIDTH - 4}
            height={HEIGHT - 10}
            outline={ink}
            strata={layers.map((l) => ({
              hex: brief.mixes.find((m) => m.id === l.mix)?.masstoneHex ?? '#808080',
              mm: 1,
            }))}
          />
        </Svg>
        <View role="list" className="min-w-0 flex-1 justify-between py-1">
          {[...layers].reverse().map((l, i) => (
            <View role="listitem" key={i}>
              <Small lines={1} className="!text-ink">
                {nameOf(l.mix)}
              </Small>
            </View>
          ))}
        </View>
      </View>
      <Strong>
        {judged.bad === 0
          ? 'No bad seam'
          : judged.bad === 1
            ? 'One bad seam'
            : `${judged.bad} bad seams`}
        ; contrast {trim(judged.mean * 100, 0)} of 100
      </Strong>
      {seams.some(({ length }) => length < 1) ? (
        <Small>
          Poured so it lies ring in ring: a border further out is longer, and counts more.
        </Small>
      ) : null}
      <View role="list" aria-label="Weakest seams" className="gap-2">
        {weak.map((seam) => (
          <View role="listitem" key={seam.at}>
            <Small className="!text-ink" lines={2}>
              {nameOf(seam.above)} on {nameOf(seam.below)}
            </Small>
            <VerdictLine verdict={seam.judged.verdict} says={seam.says} />
          </View>
        ))}
      </View>
      <MeetingList cup={cup} meetings={meetingsOf(plan, brief)} />
    </>
  );
}

/** A cup's layers as they lie, in a word. */
const inOrder = (plan: Plan, cup: number): string =>
  (plan.cups[cup]?.layers ?? []).map((l) => l.mix).join();

function sameLayers(plan: Plan, a: number, b: number): boolean {
  const of = (cup: number) => inOrder(plan, cup).split(',').sort().join();
  return of(a) === of(b);
}
