import type { Pot } from '@potter/core/budget';
import { backgroundOf, edit as edits } from '@potter/core/plan';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Choice } from '@/ui/choice';
import { Pick } from '@/ui/pick';
import { NumberField, QuantityField } from '@/ui/quantity-field';
import { Small } from '@/ui/type';
import { Mass } from '@/ui/units';
import { POT_WORDS } from './pot-words';

type Way = 'filmMm' | 'g' | 'share';
const EVERY = '';

/** How much one pot holds and of what: as a film, by weight, or as a part of the colours. */
export function PotFields({ index }: { readonly index: number }) {
  const { plan, brief, edit } = usePlan();
  const pot = plan.budget.pots[index];
  if (!pot) return null;
  const background = backgroundOf(plan);
  const oneMix = edits.ofOneMix(pot.use);
  const held = brief.budget.pots.filter(
    (p) => p.use === pot.use && (pot.mix === undefined || p.mix === pot.mix),
  );
  const g = held.reduce((sum, p) => sum + p.g, 0);
  const ml = held.reduce((sum, p) => sum + p.ml, 0);
  const set = (change: (p: Pot) => Pot, tag: string) =>
    edit((p) => edits.setPot(p, index, change), `pot ${index} ${tag}`);
  const amount = (next: Pick<Pot, Way>) =>
    set(
      ({ use, mix }) => ({ use, ...(mix === undefined ? {} : { mix }), ...next }),
      Object.keys(next).join(),
    );
  const way: Way = pot.filmMm !== undefined ? 'filmMm' : pot.share !== undefined ? 'share' : 'g';
  const starts: Readonly<Record<Way, Pick<Pot, Way>>> = {
    filmMm: { filmMm: Math.max(0.1, Number(filmOf(brief.surface.areaCm2, ml).toFixed(2))) },
    g: { g: Math.max(1, Math.round(g)) },
    share: { share: 0.05 },
  };
  const name = POT_WORDS[pot.use];
  return (
    <View className="gap-3" role="group" aria-label={name}>
      <View className="flex-row flex-wrap items-end gap-3">
        <Choice<Way>
          label={`${name}: how much`}
          value={way}
          options={[
            { value: 'filmMm', label: 'A film' },
            { value: 'g', label: 'By weight' },
            { value: 'share', label: 'A share' },
          ]}
          onChange={(next) => amount(starts[next])}
        />
        {way === 'filmMm' ? (
          <QuantityField
            className="min-w-[100px] flex-1"
            label={`${name}, film`}
            dimension="length"
            unit="mm"
            decimals={2}
            value={pot.filmMm ?? 0}
            min={0.05}
            max={20}
            onChange={(filmMm) => amount({ filmMm })}
          />
        ) : null}
        {way === 'g' ? (
          <QuantityField
            className="min-w-[100px] flex-1"
            label={`${name}, mass`}
            dimension="mass"
            unit="g"
            value={g}
            of={{ gPerMl: ml > 0 ? g / ml : 1 }}
            min={0.1}
            max={1e5}
            onChange={(next) => amount({ g: next })}
          />
        ) : null}
        {way === 'share' ? (
          <NumberField
            className="min-w-[100px] flex-1"
            label={`${name}, part`}
            value={pot.share ?? 0}
            min={0.001}
            max={1}
            per={0.01}
            decimals={1}
            suffix=" %"
            onChange={(share) => amount({ share })}
          />
        ) : null}
        {way === 'g' ? null : <Mass g={g} fine />}
      </View>
      <Pick
        label={`${name}: of which mix`}
        value={pot.mix ?? EVERY}
        options={[
          ...(oneMix ? [] : [{ value: EVERY, label: 'A little of every colour' }]),
          ...plan.mixes.map((m) => ({
            value: m.id,
            label: m.id === background ? `${m.name}, the background` : m.name,
          })),
        ]}
        onChange={(mix) =>
          set(({ mix: _, ...rest }) => (mix === EVERY ? rest : { ...rest, mix }), 'mix')
        }
      />
      {pot.use === 'edge' ? (
        <Small>The sides that are covered, and two fingers’ width of the face.</Small>
      ) : null}
    </View>
  );
}

const filmOf = (areaCm2: number, ml: number): number => (areaCm2 > 0 ? (ml / areaCm2) * 10 : 0);
