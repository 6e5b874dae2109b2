import { type Move, type RunStep, type Spell, verbOf } from '@potter/core/verb';
import ChevronDown from 'lucide-react-native/icons/chevron-down';
import ChevronUp from 'lucide-react-native/icons/chevron-up';
import { type ReactNode, useState } from 'react';
import { Pressable, View } from 'react-native';
import { clock } from '@/ui/local-time';
import { useTokens } from '@/ui/tokens';
import { Figure, Small, Strong } from '@/ui/type';

interface Props {
  readonly spell: Spell;
  /** The moves of the spell, and how they are carried out. */
  readonly moves: readonly Move[];
  readonly steps: readonly RunStep[];
  /** One of its moves is the chosen one: then they are shown, whatever else. */
  readonly holdsChosen: boolean;
  readonly children: ReactNode;
}

/** Several moves done in one go, the piece in both hands, as one entry of the list; opened, each of them under it. */
export function SpellRow({ spell, moves, steps, holdsChosen, children }: Props) {
  const [opened, setOpened] = useState(false);
  const { ink } = useTokens();
  const open = opened || holdsChosen;
  const Chevron = open ? ChevronUp : ChevronDown;
  const title = `${steps[0]!.title}, ${spell.count} in one go`;
  return (
    <View>
      <Pressable
        role="button"
        aria-expanded={open}
        aria-label={`${spell.from + 1} to ${spell.from + spell.count} ${title}`}
        onPress={() => setOpened(!open)}
        className="min-h-[60px] flex-row items-center gap-3 border-b border-b-rule border-l-4 border-l-transparent px-2 py-2 active:bg-pressed"
      >
        <Figure className="w-[26px]" figure={String(spell.from + 1)} />
        <View className="min-w-0 flex-1">
          <View className="flex-row items-center gap-2">
            <Strong>{title}</Strong>
            <Chevron size={20} color={ink} />
          </View>
          <Small lines={2}>
            {moves.map((m, i) => verbOf(m).inShort?.(m) ?? steps[i]!.title).join(', ')}
          </Small>
        </View>
        <Strong>{clock(steps[steps.length - 1]!.endS - steps[0]!.startS)}</Strong>
      </Pressable>
      {open ? (
        <View role="list" aria-label={title} className="pl-4">
          {children}
        </View>
      ) : null}
    </View>
  );
}
