import { MIX_SCHOOLS } from '@potter/core/mix';
import type { Paint } from '@potter/core/paint';
import { edit as edits } from '@potter/core/plan';
import { useState } from 'react';
import { View } from 'react-native';
import { PickPaint } from '@/paints/pick-paint';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { Pick } from '@/ui/pick';
import { Section } from '@/ui/section';
import { Body } from '@/ui/type';

/** One more mix: an activator, a pillow, a dump colour, or another colour, made as a school makes it. */
export function AddMix({ onAdded }: { readonly onAdded: (mixId: string) => void }) {
  const { plan, edit } = usePlan();
  const [schoolId, setSchool] = useState('activator-light');
  const school = MIX_SCHOOLS.find((s) => s.id === schoolId) ?? MIX_SCHOOLS[0]!;
  const [chosen, setChosen] = useState<Paint>();
  const paint =
    school.paints?.find((p) => p.id === chosen?.id) ??
    school.paints?.[0] ??
    chosen ??
    plan.paints[0];
  return (
    <Section title="Another mix" says="An activator, a pillow, a dump colour, or one more colour.">
      <Pick
        label="Made as"
        value={school.id}
        options={MIX_SCHOOLS.map((s) => ({ value: s.id, label: s.name }))}
        onChange={setSchool}
      />
      <Body>{school.goodFor}</Body>
      {school.paints ? (
        <Pick
          label="Of which paint"
          value={paint?.id ?? ''}
          options={school.paints.map((p) => ({ value: p.id, label: p.name }))}
          onChange={(id) => setChosen(school.paints?.find((p) => p.id === id))}
        />
      ) : (
        <PickPaint
          label="Of which paint"
          empty="None"
          paint={paint}
          also={plan.paints}
          onChoose={setChosen}
        />
      )}
      <View className="flex-row">
        <Button
          primary
          label={
            school.use === 'base'
              ? 'Lay it as the base'
              : school.use === 'activator'
                ? 'Add the activator'
                : 'Add it as a colour'
          }
          disabled={!paint}
          onPress={() => {
            if (!paint) return;
            const next = edits.addMix(plan, school, paint);
            edit(() => next);
            onAdded(next.mixes.at(-1)!.id);
          }}
        />
      </View>
    </Section>
  );
}
