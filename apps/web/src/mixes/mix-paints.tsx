import type { Mix } from '@potter/core/mix';
import { edit as edits } from '@potter/core/plan';
import Trash from 'lucide-react-native/icons/trash';
import { View } from 'react-native';
import { PickPaint } from '@/paints/pick-paint';
import { usePlan } from '@/plan/plan-context';
import { IconButton } from '@/ui/button';
import { NumberField } from '@/ui/quantity-field';
import { Body, Small } from '@/ui/type';

const MOST_PAINTS = 8;

/** The paints of a mix in parts of each other; one more may come from the plan or from the shelf. */
export function MixPaints({ index, mix }: { readonly index: number; readonly mix: Mix }) {
  const { plan, edit } = usePlan();
  const several = mix.paints.length > 1;
  return (
    <View className="gap-2">
      {several
        ? mix.paints.map(({ paint, parts }, at) => {
            const name = plan.paints.find((p) => p.id === paint)?.name ?? paint;
            return (
              <View key={paint} className="flex-row items-end gap-2">
                <Body className="min-h-[44px] flex-1 py-2">{name}</Body>
                <NumberField
                  className="w-[88px]"
                  label={`Parts of ${name}`}
                  hideLabel
                  value={parts}
                  min={0.01}
                  max={1000}
                  onChange={(n) =>
                    edit(
                      (p) =>
                        edits.setMix(p, index, (m) => ({
                          ...m,
                          paints: m.paints.map((x, i) => (i === at ? { ...x, parts: n } : x)),
                        })),
                      `paint ${mix.id} ${at}`,
                    )
                  }
                />
                <IconButton
                  icon={Trash}
                  label={`Leave ${name} out of this mix`}
                  onPress={() => edit((p) => edits.removeMixPaint(p, index, paint))}
                />
              </View>
            );
          })
        : null}
      {several ? <Small>Parts of the paints among themselves.</Small> : null}
      {mix.paints.length < MOST_PAINTS ? (
        <PickPaint
          label="Another paint in this mix"
          empty="None"
          also={plan.paints}
          onChoose={(paint) => edit((p) => edits.addMixPaint(p, index, paint))}
        />
      ) : null}
    </View>
  );
}
