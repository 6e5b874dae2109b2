import { mixingMarks, stripSheets } from '@potter/core/format';
import { weighingOrder } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import type { Vessel } from '@potter/core/vessel';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { nameIn } from '@/data/name-in';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { Screen } from '@/ui/screen';
import { Body, Strong } from '@/ui/type';
import { MixedIn } from '@/weigh/mixed-in';
import { useWays } from '@/scale/ways';
import { Printed } from './printed';

/** Strips with the marks of every mix, to tape on the cup they are mixed in. */
export function StripScreen() {
  const { id, plan, brief } = usePlan();
  const router = useRouter();
  const [{ vessel }, setWays] = useWays();
  const marks = mixingMarks(
    weighingOrder(plan, brief),
    nameIn(plan),
    new Set(plan.paints.map((p) => p.id)),
    vessel,
  );
  const strips = stripSheets(`${plan.title}, mixing strips`, marks);
  return (
    <Screen
      title="Mixing strips"
      acts={<Button label="Back" onPress={() => router.replace(`/plans/${id}/weigh`)} />}
    >
      <View className="gap-4 wide:max-w-[960px]">
        <MixedIn vessel={vessel} onChange={(cup: Vessel) => setWays({ vessel: cup })} />
        <Body>
          Cut a strip out and tape it upright on the outside of a clear cup, its lower edge level
          with the floor inside. Each mark is where that ingredient ends.
        </Body>
        {marks.map(({ id: batch, name, fills, lines }) => (
          <View
            key={batch}
            role="region"
            aria-label={name}
            className="gap-1 border-t border-rule pt-2"
          >
            <Strong>
              {name}
              {fills > 1 ? `, the same in ${fills} cups` : ''}
            </Strong>
            {lines.map((line, i) => (
              <View key={i} className="flex-row justify-between">
                <Body>{line.name}</Body>
                <Body>
                  {trim(line.wallMm, 0)} mm along the wall, {trim(line.ml, 0)} mL
                </Body>
              </View>
            ))}
          </View>
        ))}
        <Printed drawings={strips} says="The mixing strips" name={`${plan.title}-mixing-strips`} />
      </View>
    </Screen>
  );
}
