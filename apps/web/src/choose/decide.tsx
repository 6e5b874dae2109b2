import { type Chosen, choices, type DecisionId, DECISIONS, openDecisions } from '@potter/core/plan';
import { useMemo, useState } from 'react';
import { Pressable, View } from 'react-native';
import { Coming } from '@/picture/coming';
import { SMALL, useSeveral } from '@/picture/several';
import { SmallPicture } from '@/picture/small-picture';
import { usePlan } from '@/plan/plan-context';
import { useMat } from '@/ui/mat';
import { Pick } from '@/ui/pick';
import { Body, Small } from '@/ui/type';
import { pouring } from './pourings';
import { SideBySide } from './side-by-side';

/** One thing decided by looking: pictures of this plan decided each way, any two of them large beside each other. */
export function Decide({ onTake }: { readonly onTake: (chosen: Chosen) => void }) {
  const { plan, brief, studio } = usePlan();
  const mat = useMat();
  const open = useMemo(() => openDecisions(plan, brief), [plan, brief]);
  const [wanted, setDecision] = useState<DecisionId>();
  const decision = wanted !== undefined && open.includes(wanted) ? wanted : open[0];
  const [keys, setKeys] = useState<readonly string[]>([]);
  const offered = useMemo(
    () => (decision ? choices(decision, plan, brief) : []),
    [decision, plan, brief],
  );
  const small = useSeveral(
    useMemo(
      // One decision's keys are not another's.
      () => offered.map((c) => pouring(`${decision} ${c.key}`, c.plan, studio)),
      [decision, offered, studio],
    ),
    SMALL,
  );
  const picked = useMemo(
    () =>
      keys.flatMap((key) =>
        offered.filter((c) => `${decision} ${c.key}` === key).map((c) => ({ ...c, key })),
      ),
    [keys, offered, decision],
  );
  /** The one before last gives way to a third. */
  const press = (key: string) =>
    setKeys(keys.includes(key) ? keys.filter((k) => k !== key) : [...keys, key].slice(-2));
  return (
    <View className="gap-4">
      <Pick
        label="Decide"
        value={decision ?? ''}
        options={open.map((id) => ({ value: id, label: DECISIONS[id].name }))}
        onChange={(id) => {
          setDecision(id as DecisionId);
          setKeys([]);
        }}
      />
      {picked.length > 0 ? (
        <SideBySide picked={picked} small={small.had} onTake={onTake} />
      ) : (
        <Body>Tap one to see it large, and another to see the two side by side.</Body>
      )}
      <View role="list" aria-label="Ways to decide it" className="flex-row flex-wrap gap-2">
        {offered.map((c) => {
          const key = `${decision} ${c.key}`;
          return (
            <View role="listitem" key={key}>
              <Pressable
                role="button"
                aria-label={c.says}
                aria-pressed={keys.includes(key)}
                className={`w-[114px] gap-1 border-2 ${keys.includes(key) ? 'border-ink' : 'border-transparent'}`}
                onPress={() => press(key)}
              >
                <SmallPicture
                  picture={small.had.get(key)?.picture}
                  mat={mat}
                  label={`Picture: ${c.says}`}
                  narrow
                />
                <Small>{c.says}</Small>
              </Pressable>
            </View>
          );
        })}
      </View>
      <Coming several={small} of={offered.length} />
    </View>
  );
}
