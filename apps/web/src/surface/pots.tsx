import { edit as edits } from '@potter/core/plan';
import type { PotUse } from '@potter/core/budget';
import Trash from 'lucide-react-native/icons/trash';
import { VERBS } from '@potter/core/verb';
import { View } from 'react-native';
import { At, useLed } from '@/plan/led';
import { usePlan } from '@/plan/plan-context';
import { IconButton } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { Section } from '@/ui/section';
import { Small, Strong } from '@/ui/type';
import { PotFields } from './pot-fields';
import { POT_USES, POT_WORDS } from './pot-words';

/** More strips than this nobody lays by hand. */
const MOST_BASES = 6;

/** What is set aside beside the colours: base, edges, activator, extender, a reserve. */
export function Pots() {
  const { plan, edit } = usePlan();
  const { pots } = plan.budget;
  const led = useLed('/budget/pots');
  const had = (use: PotUse) => pots.filter((p) => p.use === use).length;
  const free = [
    ...POT_USES.filter((use) => had(use) === 0).map((use) => ({
      value: use,
      label: POT_WORDS[use],
    })),
    ...(had('base') > 0 && had('base') < Math.min(MOST_BASES, plan.mixes.length)
      ? [{ value: 'base' as const, label: 'Another base beside it' }]
      : []),
  ];
  return (
    <Section
      title="Base, edges and reserve"
      shown={led}
      says={
        pots.length === 0
          ? 'Nothing is set aside beside the colours.'
          : pots.map((p) => POT_WORDS[p.use].toLowerCase()).join(', ')
      }
    >
      {pots.map((pot, index) => (
        <View key={`${pot.use} ${index}`} className="gap-2 border-b border-rule pb-3">
          <View className="flex-row items-center">
            <Strong className="flex-1">{POT_WORDS[pot.use]}</Strong>
            <IconButton
              icon={Trash}
              label={`Set nothing aside: ${POT_WORDS[pot.use]}`}
              onPress={() => edit((p) => edits.removePot(p, index))}
            />
          </View>
          <At about={`/budget/pots/${index}`} className="gap-2">
            <PotFields index={index} />
            {pot.use === 'base' && had('base') > 1 ? (
              <Small>Bases lie side by side, each as wide as its part of them all.</Small>
            ) : null}
            {pot.use === 'extender' && pot.mix !== undefined ? (
              <Small>
                {plan.moves.some((move) => edits.draws(move, pot))
                  ? 'Run round just inside the edge before stretching.'
                  : `No move runs it round yet: add "${VERBS.extend.title}" at Moves.`}
              </Small>
            ) : null}
          </At>
        </View>
      ))}
      {free.length > 0 ? (
        <Choice<PotUse | ''>
          label="Set aside too"
          value=""
          options={free}
          onChange={(use) => use && edit((p) => edits.addPot(p, use))}
        />
      ) : null}
    </Section>
  );
}
