import { type Chosen, comparePlans } from '@potter/core/plan';
import { shapeOf } from '@potter/core/surface';
import { useMemo } from 'react';
import { View } from 'react-native';
import { Picture } from '@/picture/picture';
import type { Had } from '@/picture/had';
import { LARGE, useSeveral } from '@/picture/several';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { useMat } from '@/ui/mat';
import { Body, Heading, Small, Strong } from '@/ui/type';
import { inALine, pouring } from './pourings';

interface Props {
  /** One or two of what there is to choose from. */
  readonly picked: readonly Chosen[];
  /** What there is of them already. */
  readonly small: ReadonlyMap<string, Had>;
  readonly onTake: (chosen: Chosen) => void;
}

/** One or two ways large, with what differs between them in the plan and in what came of it. */
export function SideBySide({ picked, small, onTake }: Props) {
  const { plan, studio } = usePlan();
  const mat = useMat();
  const large = useSeveral(
    useMemo(() => picked.map((c) => pouring(c.key, c.plan, studio)), [picked, studio]),
    LARGE,
  );
  const [one, other] = picked;
  const rows = useMemo(
    () => (one && other ? comparePlans(one.plan, other.plan).filter((row) => row.differs) : []),
    [one, other],
  );
  const hadOf = (key: string) => large.had.get(key) ?? small.get(key);
  return (
    <View className="gap-3">
      <View className="-mx-4 flex-row gap-1 wide:mx-0">
        {picked.map(({ key, says, plan: of }) => {
          const had = hadOf(key);
          return (
            <View key={key} className="flex-1 gap-1">
              <Picture
                picture={had?.picture}
                {...shapeOf(of.surface.shape).bounds(of.surface.shape)}
                mat={mat}
                mostHeight={picked.length > 1 ? 300 : 420}
                label={`${says}, large`}
              />
              <View className="gap-1 px-4 wide:px-0">
                <Heading>{says}</Heading>
                <Small>{had ? inALine(had.outcome) : 'computing'}</Small>
                {of === plan ? null : (
                  <Button
                    className="self-start"
                    label="Take it"
                    name={`Take it: ${says}`}
                    onPress={() => onTake({ key, says, plan: of })}
                  />
                )}
              </View>
            </View>
          );
        })}
      </View>
      {rows.length > 0 ? (
        <View role="table" aria-label="What differs in the plan">
          {rows.map(({ group, what, a, b }) => (
            <View
              role="row"
              key={`${group} ${what}`}
              className="flex-row gap-3 border-b border-b-rule py-1"
            >
              <Small className="w-[96px]">{what}</Small>
              <Body className="flex-1">{a ?? 'none'}</Body>
              <Strong className="flex-1">{b ?? 'none'}</Strong>
            </View>
          ))}
        </View>
      ) : null}
    </View>
  );
}
