import { type MadeMix, madeMixes } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import type { ShelfJar } from '@potter/core/stock';
import { View } from 'react-native';
import { newId } from '@/data/new-id';
import { useJars, putOnShelf } from '@/data/shelf';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { Chip } from '@/ui/chip';
import { dayWords } from '@/ui/day-words';
import { Heading, Small, Strong } from '@/ui/type';
import { Mass } from '@/ui/units';
import { useConsistencyName } from './consistency-name';

/** What has been made for this plan: when, how thick, how much is left of it; what is over goes into a jar on the shelf. */
export function MadeList() {
  const { plan, brief } = usePlan();
  const made = madeMixes(plan, brief);
  if (made.length === 0) return null;
  return (
    <View role="region" aria-label="Made">
      <Heading>Made</Heading>
      <View role="list" className="mt-1 border-t border-ink">
        {made.map((m) => (
          <MadeRow key={`${m.mix} ${m.on}`} made={m} />
        ))}
      </View>
    </View>
  );
}

function MadeRow({ made }: { readonly made: MadeMix }) {
  const { plan } = usePlan();
  const nameOf = useConsistencyName();
  const jar = (g: number): ShelfJar => ({
    kind: 'jar',
    id: `jar-${newId().slice(0, 12)}`,
    name: `${made.name}, ${plan.title}`.slice(0, 80),
    hex: made.hex,
    g,
    madeOn: made.on.slice(0, 10),
    silicone: made.silicone,
    consistency: made.step,
    from: made.leftG > 0 ? 'left-over' : 'mixed',
  });
  const time = made.on.slice(11, 16);
  const overG = made.leftG > 0 ? made.leftG : made.g;
  const wanted = jar(overG);
  // What stands on the shelf already is not put there twice.
  const there = useJars().find((j) => j.name === wanted.name && j.madeOn === wanted.madeOn);
  return (
    <View role="listitem" className="gap-1 border-b border-rule py-2">
      <View className="flex-row items-center gap-3">
        <Chip size={36} overWhite={made.hex} overBlack={made.hex} />
        <View className="min-w-0 flex-1">
          <Strong lines={1}>{made.name}</Strong>
          <Small lines={2}>
            {dayWords(made.on)}
            {time ? `, ${time}` : ''}; {nameOf(made.step)}
            {made.read ? ' by test' : ' as reckoned'}
            {made.silicone ? '; silicone in it' : ''}
          </Small>
        </View>
        <Mass g={made.g} fine />
      </View>
      <View className="flex-row items-center justify-between gap-3">
        <Small className="flex-1">
          {made.leftG > 0
            ? `${trim(made.leftG, 1)} g more than the plan takes.`
            : 'The plan takes all of it.'}
        </Small>
        <Button
          label={there ? `${trim(there.g, 1)} g in a jar` : `Into a jar, ${trim(overG, 1)} g`}
          disabled={there !== undefined}
          onPress={() => putOnShelf(wanted)}
        />
      </View>
    </View>
  );
}
