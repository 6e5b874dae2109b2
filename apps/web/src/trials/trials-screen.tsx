import { densityOf } from '@potter/core/paint';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { SwatchStrip } from '@/ui/swatch-strip';
import { usePaints, useShelf } from '@/data/shelf';
import { paintChip } from '@/paints/paint-chip';
import { Screen } from '@/ui/screen';
import { Section } from '@/ui/section';
import { Asking, Empty } from '@/ui/state';
import { useWide } from '@/ui/use-wide';
import { MixFinder } from './mix-finder';
import { OpacityCard } from './opacity-card';
import { Reactions } from './reactions';
import { Thinning } from './thinning';
import { TintSwatch } from './tint-swatch';
import { WeighPaint } from './weigh-paint';

/** Swatches a strip of the shelf holds: more are searched for on the shelf. */
const MOST = 35;

/** What is tried before a pour, so that the plan reckons with the artist's own paints. */
export function TrialsScreen() {
  const router = useRouter();
  const shelf = useShelf();
  const paints = usePaints();
  const wide = useWide();
  return (
    <Screen title="Trials">
      <Asking query={shelf} waiting="Looking at the shelf" failed="The shelf cannot be read." />
      {shelf.data && paints.length === 0 ? (
        <Empty
          says="Trials show what becomes of a paint as it is thinned, how it covers, what it weighs, and which paints make a colour. Put a paint on the shelf to try."
          act="Put a paint on the shelf"
          onAct={() => router.push('/shelf/paint/new')}
        />
      ) : null}
      {paints.length > 0 ? (
        <View className="wide:flex-row wide:items-start wide:gap-10">
          <View className="wide:flex-1">
            <Section
              title="How far can it be thinned?"
              says="Before any of it is opened."
              open={wide}
            >
              <Thinning />
            </Section>
            <Section title="What makes this colour?" says="From at most three paints of the shelf.">
              <MixFinder />
            </Section>
            <Section title="Swatch strip" says="The shelf edge to edge, in any order.">
              <SwatchStrip
                swatches={paints.slice(0, MOST).map(({ paint }) => {
                  const { opacity, ...chip } = paintChip(paint);
                  return {
                    id: paint.id,
                    name: paint.name,
                    hex: paint.hex,
                    ...chip,
                    reserve: opacity.reserve,
                    opacity: opacity.class,
                    densityGPerMl: densityOf(paint),
                  };
                })}
              />
            </Section>
          </View>
          <View className="wide:flex-1">
            <Section
              title="Opacity card"
              says="Print a card, paint it, and say what the bar shows after two dried coats."
            >
              <OpacityCard />
            </Section>
            <Section
              title="Tint swatch"
              says="One part in ten of white: how strongly a paint pulls every mix it goes into."
            >
              <TintSwatch />
            </Section>
            <Section
              title="Weigh a paint"
              says="Ten millilitres on the scale: what sinks, and every gram of a mix, goes by it."
            >
              <WeighPaint />
            </Section>
            <Section
              title="What did not get on"
              says="Paints or makes that reacted: said wherever they meet in a plan."
            >
              <Reactions />
            </Section>
          </View>
        </View>
      ) : null}
    </Screen>
  );
}
