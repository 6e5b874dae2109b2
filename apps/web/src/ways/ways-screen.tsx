import { deciders, previewOf, trialsOf, WAYS } from '@potter/core/plan';
import { shapeOf } from '@potter/core/surface';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { Pressable, View } from 'react-native';
import { Picture } from '@/picture/picture';
import { Coming } from '@/picture/coming';
import { LARGE, SMALL, useSeveral, type Wanted } from '@/picture/several';
import { SmallPicture } from '@/picture/small-picture';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { useMat } from '@/ui/mat';
import { Screen } from '@/ui/screen';
import { Body, Heading } from '@/ui/type';
import { Ranges } from './ranges';
import { useWays } from './use-ways';

const NOTHING: readonly Wanted[] = [];

/** Nine ways a plan may turn out, for no hand does the same twice: each opens, every figure has its range, and what decides is named. */
export function WaysScreen() {
  const { id, plan } = usePlan();
  const router = useRouter();
  const mat = useMat();
  const [opened, setOpened] = useState<number>();
  const [asked, setAsked] = useState(false);
  const { ways, small, outcomes } = useWays();
  const large = useSeveral(
    useMemo(() => (opened === undefined ? NOTHING : [ways[opened]!]), [ways, opened]),
    LARGE,
  );
  const { widthMm, heightMm } = shapeOf(plan.surface.shape).bounds(plan.surface.shape);
  const openedKey = opened === undefined ? undefined : ways[opened]!.key;
  const shown =
    openedKey === undefined ? undefined : (large.had.get(openedKey) ?? small.had.get(openedKey));
  return (
    <Screen
      title="Ways it may turn out"
      acts={<Button label="Back" onPress={() => router.replace(`/plans/${id}/preview`)} />}
    >
      <View className="gap-5 wide:max-w-[960px]">
        <Body>
          The same plan nine times, each as a hand may do it: paint a little thicker or thinner,
          tilts steeper or longer, cups set down a little beside. Tap one to see it large.
        </Body>
        {opened === undefined ? null : (
          <View className="gap-2">
            <View className="-mx-4 wide:mx-0">
              <Picture
                picture={shown?.picture}
                widthMm={widthMm}
                heightMm={heightMm}
                mat={mat}
                mostHeight={420}
                label={`Way ${opened + 1} of ${plan.title}, large`}
              />
            </View>
            <View className="flex-row items-center justify-between">
              <Heading>Way {opened + 1}</Heading>
              <Button label="Close" onPress={() => setOpened(undefined)} />
            </View>
          </View>
        )}
        <View role="list" aria-label="Ways" className="flex-row flex-wrap gap-2 wide:max-w-[380px]">
          {ways.map(({ key }, nth) => (
            <View role="listitem" key={key}>
              <Pressable
                role="button"
                aria-label={`Open way ${nth + 1}`}
                aria-pressed={opened === nth}
                className={`border-2 ${opened === nth ? 'border-ink' : 'border-transparent'}`}
                onPress={() => setOpened(nth)}
              >
                <SmallPicture
                  picture={small.had.get(key)?.picture}
                  mat={mat}
                  label={`Way ${nth + 1}`}
                  narrow
                />
              </Pressable>
            </View>
          ))}
        </View>
        <Coming several={small} of={WAYS} />
        {outcomes.length > 1 ? (
          <View className="gap-1">
            <Heading>How far figures range</Heading>
            <Ranges outcomes={outcomes} />
          </View>
        ) : null}
        <View className="gap-2">
          <Heading>What decides it</Heading>
          {asked ? (
            <Deciders />
          ) : (
            <>
              <Body>
                Each move off by itself, by as much as it usually is, and all else as planned: which
                of them matters.
              </Body>
              <Button
                className="self-start"
                label="Find what decides"
                onPress={() => setAsked(true)}
              />
            </>
          )}
        </View>
      </View>
    </Screen>
  );
}

const PLANNED = 'planned';

/** Computes the plan with one thing off at a time, and says which matters. */
function Deciders() {
  const { plan, brief } = usePlan();
  const trials = useMemo(() => trialsOf(plan, brief), [plan, brief]);
  const wanted = useMemo(
    (): Wanted[] => [
      { key: PLANNED, preview: () => previewOf(plan, brief) },
      ...trials.map(({ says, preview }) => ({ key: says, preview: () => preview })),
    ],
    [plan, brief, trials],
  );
  const several = useSeveral(wanted, SMALL);
  const planned = several.had.get(PLANNED)?.outcome;
  if (several.left > 0 || !planned) return <Coming several={several} of={wanted.length} />;
  const said = deciders(
    planned,
    trials.flatMap(({ says }) => {
      const outcome = several.had.get(says)?.outcome;
      return outcome ? [{ says, outcome }] : [];
    }),
  );
  return (
    <View className="gap-1" aria-live="polite">
      {said.length > 0 ? (
        said.map((line) => <Body key={line}>{line}</Body>)
      ) : (
        <Body>No single move changes much: it turns out about the same.</Body>
      )}
    </View>
  );
}
