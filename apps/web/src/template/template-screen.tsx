import { positioningTemplate } from '@potter/core/format';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { QuantityField } from '@/ui/quantity-field';
import { Screen } from '@/ui/screen';
import { YesNo } from '@/ui/yes-no';
import { Printed } from './printed';

/** A drawing at true size to lay under or on the surface: middle, disc, petals, drop points. */
export function TemplateScreen() {
  const { id, plan } = usePlan();
  const router = useRouter();
  const [discMm, setDisc] = useState(0);
  const [petals, setPetals] = useState(false);
  const template = positioningTemplate(plan, { discMm, petals });
  return (
    <Screen
      title="Template"
      acts={<Button label="Back" onPress={() => router.replace(`/plans/${id}/surface`)} />}
    >
      <View className="gap-4 wide:max-w-[960px]">
        <View className="flex-row flex-wrap gap-3">
          <QuantityField
            className="min-w-[140px] flex-1"
            label="Disc in the middle, across"
            dimension="length"
            unit="mm"
            value={discMm}
            min={0}
            max={Math.min(template.widthMm, template.heightMm)}
            onChange={setDisc}
          />
          <YesNo label="Petals to the corners" value={petals} onChange={setPetals} />
        </View>
        <Printed drawings={[template]} says="The template" name={`${plan.title}-template`} />
      </View>
    </Screen>
  );
}
