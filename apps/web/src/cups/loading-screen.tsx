import { cupLabels, loadingMarks, stripSheets } from '@potter/core/format';
import { mixNames, cupsToLoad } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Printed } from '@/template/printed';
import { Button } from '@/ui/button';
import { Chip } from '@/ui/chip';
import { Screen } from '@/ui/screen';
import { Body, Heading, Small, Strong } from '@/ui/type';
import { Mass } from '@/ui/units';
import { placementWords } from './placement-words';

/** Every cup as it is loaded, on one sheet: order, grams, what the scale reads, the fill line; with strips and labels to print. */
export function LoadingScreen() {
  const { id, plan, brief } = usePlan();
  const router = useRouter();
  const nameOf = mixNames(plan);
  const all = cupsToLoad(plan, brief);
  // Every piece of a set is loaded alike: one sheet serves all.
  const cups = all.filter((c) => c.id.endsWith(' 1'));
  const drawings = [
    ...stripSheets(`${plan.title}, fill marks`, loadingMarks(cups, nameOf)),
    ...cupLabels(plan.title, all, nameOf),
  ];
  return (
    <Screen
      title="Loading sheet"
      acts={<Button label="Back" onPress={() => router.replace(`/plans/${id}/cups`)} />}
    >
      <View className="gap-5 wide:max-w-[960px]">
        <Body>
          {plan.title}
          {all.length > cups.length ? `: each cup is loaded ${all.length / cups.length} times` : ''}
          .
        </Body>
        {cups.map((cup, index) => (
          <View key={cup.id} role="region" aria-label={`Cup ${index + 1}`}>
            <View className="flex-row items-baseline border-b border-ink pb-1">
              <Strong className="flex-1">
                Cup {index + 1}, {cup.vessel.name ?? 'a cup of its own'}
              </Strong>
              <Small className="w-[64px] text-right">add</Small>
              <Small className="w-[72px] text-right">reads</Small>
              <Small className="w-[60px] text-right">mark</Small>
            </View>
            <View role="list">
              {cup.layers.map((layer, i) => {
                const mix = brief.mixes.find((m) => m.id === layer.mix);
                const step = cup.steps[i];
                return (
                  <View
                    role="listitem"
                    key={i}
                    className="min-h-[52px] flex-row items-center border-b border-rule py-1"
                  >
                    <Small className="w-[22px] !text-16">{i + 1}</Small>
                    {mix ? (
                      <Chip size={28} overWhite={mix.hexOverWhite} overBlack={mix.hexOverBlack} />
                    ) : null}
                    <View className="min-w-0 flex-1 pl-2">
                      <Body lines={1}>{nameOf(layer.mix)}</Body>
                      <Small lines={1}>{placementWords(layer)}</Small>
                    </View>
                    <Mass className="w-[64px] justify-end" size="text-16" g={step?.g ?? 0} fine />
                    <Mass
                      className="w-[72px] justify-end"
                      size="text-16"
                      g={step?.scaleReadsG ?? 0}
                      fine
                    />
                    <Body className="w-[60px] text-right">{trim(layer.toMm, 0)} mm</Body>
                  </View>
                );
              })}
            </View>
          </View>
        ))}
        <View className="flex-row gap-3 print:hidden">
          <Button
            primary
            className="min-h-[64px] flex-1"
            label="Load the cups"
            onPress={() => router.push(`/plans/${id}/load`)}
          />
          <Button
            className="min-h-[64px]"
            label="Print this sheet"
            onPress={() => window.print()}
          />
        </View>
        <View className="gap-4 print:hidden">
          <Heading>Fill marks and labels</Heading>
          <Body>
            A strip for each cup, to tape upright on its wall, the lower edge level with the floor
            inside; and a label for each.
          </Body>
          <Printed
            drawings={drawings}
            says="The fill marks and labels"
            name={`${plan.title}-cups`}
          />
        </View>
      </View>
    </Screen>
  );
}
