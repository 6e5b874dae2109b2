import { edgesCounted, SCHOOLS, type School } from '@potter/core/budget';
import { edit as edits } from '@potter/core/plan';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Choice } from '@/ui/choice';
import { NumberField, QuantityField } from '@/ui/quantity-field';
import { Small } from '@/ui/type';

/** Marks of measuring cups, mL. */
const USUAL_MARK_ML = 10;

/** The figures a school takes, the reserve, and what is measured with. */
export function SchoolFields() {
  const { plan, brief, edit } = usePlan();
  const { budget } = plan;
  const school: School = SCHOOLS[budget.school];
  const set = (change: Partial<typeof budget>, tag: string) =>
    edit((p) => edits.setBudget(p, change), tag);
  return (
    <View className="gap-3">
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
          label="Part of it laid"
          value={budget.part ?? 1}
          min={0.01}
          max={3}
          per={0.01}
          decimals={0}
          suffix=" %"
          onChange={(part) => set({ part }, 'part')}
        />
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
      </View>
      {school.mayCountEdges && brief.surface.edgeCm2 > 0 ? (
        <View className="gap-1">
          <Choice
            label="Its figure is for"
            value={edgesCounted(budget) ? 'edges' : 'face'}
            options={[
              { value: 'face', label: 'The face' },
              { value: 'edges', label: 'Face and edges' },
            ]}
            onChange={(value) => set({ countEdges: value === 'edges' }, 'edges')}
          />
          <Small>
            {edgesCounted(budget)
              ? 'Deep edges that are part of the picture take as much as the face; what wets them comes out of it.'
              : 'As the rule is spoken: for the face. What wets the edges is set aside beside it.'}
          </Small>
        </View>
      ) : null}
      <Choice
        label="Measured by"
        value={budget.stepMl === undefined ? 'scale' : 'cup'}
        options={[
          { value: 'scale', label: 'Scale' },
          { value: 'cup', label: 'Cup marks' },
        ]}
        onChange={(by) =>
          edit((p) => {
            const { stepMl: _, ...byScale } = p.budget;
            return {
              ...p,
              budget: by === 'cup' ? { ...byScale, stepMl: USUAL_MARK_ML } : byScale,
            };
          })
        }
      />
      <View className="flex-row gap-3">
        {budget.stepMl === undefined ? (
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
        ) : (
          <QuantityField
            className="flex-1"
            label="A mark every"
            dimension="volume"
            unit="ml"
            value={budget.stepMl}
            min={0.5}
            max={500}
            onChange={(stepMl) => set({ stepMl }, 'mark')}
          />
        )}
      </View>
    </View>
  );
}
