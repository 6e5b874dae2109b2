import { type Mix, parseRatio, ratioWords } from '@potter/core/mix';
import { edit as edits } from '@potter/core/plan';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { RatioInput } from './ratio-input';

/** A mix's ratio. */
export function RatioField({ index, mix }: { readonly index: number; readonly mix: Mix }) {
  const { edit } = usePlan();
  return (
    <View className="flex-row flex-wrap items-end gap-3">
      <RatioInput
        className="w-full"
        label="Paint : medium : water"
        shown={ratioWords(mix)}
        onSaid={(said) => edit((p) => edits.applyRatio(p, index, said), `ratio ${mix.id}`)}
      />
      <Choice
        label="Parts by"
        value={mix.basis}
        options={[
          { value: 'volume', label: 'Volume' },
          { value: 'weight', label: 'Weight' },
        ]}
        onChange={(basis) => edit((p) => edits.setMix(p, index, (m) => ({ ...m, basis })))}
      />
      <Button
        label="Just covers the paint"
        onPress={() => {
          const said = parseRatio('just covers the paint');
          if (said.ok) edit((p) => edits.applyRatio(p, index, said.value));
        }}
      />
    </View>
  );
}
