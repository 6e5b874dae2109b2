import type { LoadedCup } from '@potter/core/cup';
import { edit as edits, wantsLimbCups, withLimbCups } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { NumberField } from '@/ui/quantity-field';
import { Small } from '@/ui/type';

/** Further cups, one divided over several, one less; and what is kept back from all of them. */
export function MoreCups({
  cup,
  loaded,
  onChosen,
}: {
  readonly cup: number;
  readonly loaded: LoadedCup;
  readonly onChosen: (cup: number) => void;
}) {
  const { plan, brief, edit } = usePlan();
  const fits = Math.ceil(loaded.filledMl / loaded.fillableMl - 1e-6);
  const over = Math.max(2, fits);
  const keep = plan.budget.pots.find((p) => p.use === 'keep' && p.mix === undefined)?.share ?? 0;
  const keptG = brief.budget.pots.filter((p) => p.use === 'keep').reduce((sum, p) => sum + p.g, 0);
  return (
    <>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label="+ Cup, loaded alike"
          onPress={() => {
            edit(edits.addCup);
            onChosen(plan.cups.length);
          }}
        />
        <Button
          label="+ Cup, the other way round"
          onPress={() => {
            edit((p) => edits.addCup(p, 'reversed'));
            onChosen(plan.cups.length);
          }}
        />
        {plan.cups[cup]?.layers ? (
          <Button
            label={`Divide it over ${over} cups`}
            onPress={() => edit((p) => edits.divideCup(p, cup, over))}
          />
        ) : null}
        {wantsLimbCups(plan) ? (
          <Button
            label="A cup for each stroke"
            onPress={() => {
              edit((p) => withLimbCups(p, brief));
              onChosen(0);
            }}
          />
        ) : null}
        {plan.cups.length > 1 ? (
          <Button
            label={`Take cup ${cup + 1} away`}
            onPress={() => edit((p) => edits.removeCup(p, cup))}
          />
        ) : null}
      </View>
      <Small>
        Loaded alike for cups poured one after the other; the other way round for two poured side by
        side, so that the same colours never face each other.
      </Small>
      <NumberField
        label="Kept back of every colour for repairs, %"
        hint={keptG > 0 ? `${trim(keptG, 0)} g in all.` : 'Nothing is kept back.'}
        value={keep}
        per={0.01}
        decimals={1}
        min={0}
        max={0.5}
        onChange={(share) => edit((p) => edits.keepBack(p, share), 'keep')}
      />
    </>
  );
}
