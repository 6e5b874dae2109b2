import { SCHOOLS, type SchoolId } from '@potter/core/budget';
import { edit as edits } from '@potter/core/plan';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Choice } from '@/ui/choice';
import { NumberField, QuantityField } from '@/ui/quantity-field';
import { Body } from '@/ui/type';

/** Which rule says how much paint, in its own words, and the figures it takes. */
export function SchoolFields() {
  const { plan, edit } = usePlan();
  const { budget } = plan;
  const set = (change: Partial<typeof budget>, tag: string) =>
    edit((p) => edits.setBudget(p, change), tag);
  return (
    <View className="gap-3">
      <Choice
        label="How much paint"
        value={budget.school}
        options={Object.values(SCHOOLS).map((s) => ({ value: s.id, label: s.name }))}
        onChange={(school: SchoolId) => edit((p) => edits.setSchool(p, school))}
      />
      <Body>{SCHOOLS[budget.school].says}</Body>
      <View className="flex-row gap-3">
        {budget.school === 'film' ? (
          <QuantityField
            className="flex-1"
            label="Colour laid"
            dimension="length"
            unit="mm"
            value={budget.laidMm ?? 2}
            min={0.1}
            max={20}
            onChange={(laidMm) => set({ laidMm }, 'laid')}
          />
        ) : null}
        {budget.school === 'own' ? (
          <NumberField
            className="flex-1"
            label="Grams for 1 cm²"
            value={budget.gPerCm2 ?? 0.4}
            min={0.01}
            max={5}
            onChange={(gPerCm2) => set({ gPerCm2 }, 'own')}
          />
        ) : null}
        <NumberField
          className="flex-1"
          label="Insurance"
          value={budget.insurance}
          min={0}
          max={1}
          per={0.01}
          decimals={0}
          suffix=" %"
          onChange={(insurance) => set({ insurance }, 'insurance')}
        />
        <QuantityField
          className="flex-1"
          label="Scale reads to"
          dimension="mass"
          unit="g"
          value={budget.stepG}
          min={0.01}
          max={100}
          onChange={(stepG) => set({ stepG }, 'step')}
        />
      </View>
    </View>
  );
}
