import type { Move, RunStep } from '@potter/core/verb';
import { Pressable, View } from 'react-native';
import { CareMark } from '@/ui/care-mark';
import { clock } from '@/ui/local-time';
import { Figure, Small, Strong } from '@/ui/type';
import { Mass } from '@/ui/units';

interface Props {
  readonly index: number;
  readonly move: Move | undefined;
  readonly step: RunStep;
  readonly chosen: boolean;
  readonly onPress: () => void;
}

/** One move of the list: what is done, for how long, and what it takes. */
export function MoveRow({ index, move, step, chosen, onPress }: Props) {
  return (
    <Pressable
      role="button"
      aria-pressed={chosen}
      aria-label={`${index + 1} ${step.title}`}
      onPress={onPress}
      className={`min-h-[60px] flex-row items-center gap-3 border-b border-b-rule border-l-4 px-2 py-2 ${chosen ? 'border-l-ink bg-raised' : 'border-l-transparent active:bg-pressed'}`}
    >
      <Figure className="w-[26px]" figure={String(index + 1)} />
      <View className="min-w-0 flex-1">
        <View className="flex-row items-center gap-2">
          {step.care.length > 0 ? <CareMark /> : null}
          <Strong>{step.title}</Strong>
          {move?.own ? <Small>your own</Small> : null}
        </View>
        <Small lines={2}>
          {step.says} {step.note}
        </Small>
      </View>
      <View className="items-end">
        <Strong>{step.endS > step.startS ? clock(step.endS - step.startS) : ''}</Strong>
        {step.takes.map((take, i) => (
          <Mass key={i} g={take.g} size="text-16" />
        ))}
      </View>
    </Pressable>
  );
}
