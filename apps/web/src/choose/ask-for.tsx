import {
  askedBest,
  type AskFor,
  asksFor,
  type Chosen,
  comparePlans,
  firstTries,
  furtherTries,
  PLANNED,
} from '@potter/core/plan';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Coming } from '@/picture/coming';
import { SMALL, useSeveral, type Wanted } from '@/picture/several';
import { SmallPicture } from '@/picture/small-picture';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { useMat } from '@/ui/mat';
import { Pick } from '@/ui/pick';
import { Body, Heading, Small } from '@/ui/type';
import { inALine, pouring } from './pourings';

/** As a small picture is enough to look at, a smaller one is enough to search by. */
const SEARCHED = { cells: SMALL.cells, pixels: 112 } as const;
const NOTHING: readonly Wanted[] = [];

/** Something asked for in words, looked for among what is free in the plan. */
export function AskForIt({ onTake }: { readonly onTake: (chosen: Chosen) => void }) {
  const { plan } = usePlan();
  const asks = useMemo(() => asksFor(plan), [plan]);
  const [key, setKey] = useState(asks[0]!.key);
  const [looking, setLooking] = useState<string>();
  const ask = asks.find((a) => a.key === key) ?? asks[0]!;
  return (
    <View className="gap-4">
      <Pick
        label="Ask for"
        value={ask.key}
        options={asks.map((a) => ({ value: a.key, label: a.says }))}
        onChange={setKey}
      />
      {looking === ask.key ? (
        <Looking key={ask.key} ask={ask} onTake={onTake} />
      ) : (
        <>
          <Body>
            Up to sixty pours are tried: other orders, shares, amounts and tilts, one by one and
            then the best two together. Nothing changes until you take one.
          </Body>
          <Button className="self-start" label="Look for it" onPress={() => setLooking(ask.key)} />
        </>
      )}
    </View>
  );
}

interface Props {
  readonly ask: AskFor;
  readonly onTake: (chosen: Chosen) => void;
}

function Looking({ ask, onTake }: Props) {
  const { plan, brief, studio } = usePlan();
  const mat = useMat();
  const first = useMemo(() => firstTries(plan, brief), [plan, brief]);
  const single = useSeveral(
    useMemo(
      () => [
        pouring(PLANNED, plan, studio),
        ...first.map((one) => pouring(one.key, one.plan, studio)),
      ],
      [first, plan, studio],
    ),
    SEARCHED,
  );
  const planned = single.had.get(PLANNED)?.outcome;
  const over = single.left === 0 && planned !== undefined;
  const further = useMemo(
    () =>
      over && planned
        ? furtherTries(plan, brief, ask, planned, (key) => single.had.get(key)?.outcome)
        : [],
    [over, planned, plan, brief, ask, single.had],
  );
  const pairs = useSeveral(
    useMemo(
      () =>
        further.length > 0 ? further.map((one) => pouring(one.key, one.plan, studio)) : NOTHING,
      [further, studio],
    ),
    SEARCHED,
  );
  if (!over || !planned) return <Coming several={single} of={first.length + 1} />;
  const hadOf = (key: string) => single.had.get(key) ?? pairs.had.get(key);
  const found = askedBest(ask, planned, [...first, ...further], (key) => hadOf(key)?.outcome);
  return (
    <View className="gap-3">
      <Coming several={pairs} of={further.length} />
      {found.length === 0 && pairs.left === 0 ? (
        <Body>Nothing that was tried comes nearer to it than the plan as it is.</Body>
      ) : null}
      <Small>As planned: {inALine(planned)}.</Small>
      <View role="list" aria-label="What was found" className="gap-3">
        {found.map((one) => (
          <View role="listitem" key={one.key} className="flex-row gap-3 bg-raised p-2">
            <SmallPicture
              picture={hadOf(one.key)?.picture}
              mat={mat}
              label={`Picture: ${one.says}`}
            />
            <View className="flex-1 gap-1">
              <Heading>{one.says}</Heading>
              <Body>{inALine(one.outcome)}</Body>
              <Small>{costs(plan, one.plan)}</Small>
              <Button
                className="self-start"
                label="Take it"
                name={`Take it: ${one.says}`}
                onPress={() => onTake(one)}
              />
            </View>
          </View>
        ))}
      </View>
    </View>
  );
}

/** What of the amounts is otherwise: what it costs. */
const costs = (plan: Chosen['plan'], other: Chosen['plan']): string =>
  comparePlans(plan, other)
    .filter((row) => row.differs && row.group === 'amounts')
    .map(({ what, a, b }) => `${what}: ${a ?? 'none'} → ${b ?? 'none'}`)
    .join('. ');
