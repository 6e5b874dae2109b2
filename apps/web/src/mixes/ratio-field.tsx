import { type Mix, parseRatio, ratioWords } from '@potter/core/mix';
import { edit as edits } from '@potter/core/plan';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { TextField } from '@/ui/text-field';
import { Small } from '@/ui/type';

/** A mix's ratio, typed as people say it. */
export function RatioField({ index, mix }: { readonly index: number; readonly mix: Mix }) {
  const { edit } = usePlan();
  return (
    <View className="gap-2">
      <View className="flex-row flex-wrap items-end gap-3">
        <TextField
          className="min-w-[180px] flex-1"
          label="Paint : medium : water"
          shown={ratioWords(mix)}
          read={parseRatio}
          onChange={(said) => edit((p) => edits.applyRatio(p, index, said), `ratio ${mix.id}`)}
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
      </View>
      <View className="flex-row flex-wrap items-center gap-3">
        <Small className="min-w-[180px] flex-1">
          Say it as you would: 1 : 2, one to four, 70/30, 40 g + 20 g, 1 : 2 with 0.1 water.
        </Small>
        <Button
          label="Just covers the paint"
          onPress={() => {
            const said = parseRatio('just covers the paint');
            if (said.ok) edit((p) => edits.applyRatio(p, index, said.value));
          }}
        />
      </View>
    </View>
  );
}
