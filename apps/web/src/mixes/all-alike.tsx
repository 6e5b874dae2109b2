import { MATERIALS } from '@potter/core/material';
import {
  CONSISTENCIES,
  type Consistency,
  MIX_SCHOOLS,
  type Mix,
  ratioWords,
  schoolOf,
} from '@potter/core/mix';
import { edit as edits } from '@potter/core/plan';
import { View } from 'react-native';
import { useMaterials } from '@/data/shelf';
import { usePlan } from '@/plan/plan-context';
import { Act } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { Pick } from '@/ui/pick';
import { NumberField } from '@/ui/quantity-field';
import { Section } from '@/ui/section';
import { Small } from '@/ui/type';
import { useConsistencyName } from './consistency-name';
import { OIL_PER_ML } from './oil';
import { RatioInput } from './ratio-input';

const NONE = 'none';

/** What people fill small cups to, grams. */
const WHOLE_G = [5, 10, 20];

/** One recipe for every colour, in one act; a mix that goes its own way is left as it is. */
export function AllAlike() {
  const { plan, edit } = usePlan();
  const nameOf = useConsistencyName();
  const own = useMaterials().map((item) => item.material);
  const mixes = edits.alikeIn(plan).map((index) => plan.mixes[index]!);
  const apart = plan.mixes.flatMap((mix, index) => (mix.ownWay ? [{ mix, index }] : []));
  if (mixes.length + apart.length < 2) return null;
  const all = (change: Parameters<typeof edits.setAlike>[1], tag?: string) =>
    edit((p) => edits.setAlike(p, change), tag);
  /** What all of them have; undefined where they differ. */
  const shared = <T,>(of: (mix: Mix) => T): T | undefined =>
    mixes.every((mix) => of(mix) === of(mixes[0]!)) ? of(mixes[0]!) : undefined;
  const ratio = shared(ratioWords);
  const oils = [...(plan.materials ?? []), ...own, ...MATERIALS].filter(
    (m, i, list) => m.role === 'oil' && list.findIndex((o) => o.id === m.id) === i,
  );
  const oilOf = (mix: Mix) =>
    mix.additives?.find((a) => 'drops' in a && oils.some((o) => o.id === a.material));
  const oil = shared((mix) => oilOf(mix)?.material ?? NONE);
  const drops = shared((mix) => {
    const has = oilOf(mix);
    return has && 'drops' in has ? (has.drops / has.perMl) * OIL_PER_ML : 0;
  });
  const setOil = (material: string, count: number, tag?: string) =>
    all((p, index) => {
      const rest = (p.mixes[index]?.additives ?? []).filter((a) => !('drops' in a));
      const next =
        material === NONE ? rest : [...rest, { material, drops: count, perMl: OIL_PER_ML }];
      return edits.setAdditives(p, index, next, own);
    }, tag);
  return (
    <Section
      title="All alike"
      says={`${mixes.length} mixes: ${ratio ?? 'not all in one ratio'}${apart.length > 0 ? `; ${apart.map((a) => a.mix.name).join(', ')} apart` : ''}.`}
    >
      <Pick
        label={`All ${mixes.length} made as`}
        value={shared((mix) => schoolOf(mix)?.id) ?? ''}
        empty={ratio === undefined ? 'They differ' : 'A ratio of your own'}
        options={MIX_SCHOOLS.filter((s) => !s.paints && s.use === undefined).map((s) => ({
          value: s.id,
          label: s.name,
        }))}
        onChange={(id) => {
          const school = MIX_SCHOOLS.find((s) => s.id === id);
          if (school) all((p, index) => edits.makeBySchool(p, index, school));
        }}
      />
      <RatioInput
        label="All of them, paint : medium : water"
        shown={ratio ?? 'they differ'}
        onSaid={(said) => all((p, index) => edits.applyRatio(p, index, said), 'all ratio')}
      />
      <Choice<Consistency | ''>
        label="All of them as thick as"
        value={shared((mix) => mix.consistency) ?? ''}
        options={CONSISTENCIES.map((c) => ({ value: c.step, label: nameOf(c.step) }))}
        onChange={(step) => step && all((p, index) => edits.toStep(p, index, step))}
      />
      <NumberField
        label="Water in all of them, to 1 part of paint"
        value={shared((mix) => mix.waterParts ?? 0) ?? 0}
        min={0}
        max={20}
        onChange={(water) =>
          all(
            (p, index) =>
              edits.setMix(p, index, ({ waterParts: _, ...mix }) =>
                water > 0 ? { ...mix, waterParts: water } : mix,
              ),
            'all water',
          )
        }
      />
      <View className="flex-row items-end gap-3">
        <View className="flex-1">
          <Pick
            label="Oil in all of them"
            value={oil ?? ''}
            empty="They differ"
            options={[
              { value: NONE, label: 'None' },
              ...oils.map((o) => ({ value: o.id, label: o.name })),
            ]}
            onChange={(material) => setOil(material, drops || 2)}
          />
        </View>
        {oil === undefined || oil === NONE ? null : (
          <NumberField
            className="w-[120px]"
            label={`Drops in ${OIL_PER_ML} mL`}
            value={drops ?? 2}
            min={0.1}
            max={40}
            onChange={(count) => setOil(oil, count, 'all oil')}
          />
        )}
      </View>
      <Choice
        label="Main parts in whole"
        value={String(plan.budget.partsToG ?? NONE)}
        options={[
          { value: NONE, label: 'As reckoned' },
          ...WHOLE_G.map((g) => ({ value: String(g), label: `${g} g` })),
        ]}
        onChange={(g) => edit((p) => edits.roundPartsTo(p, g === NONE ? undefined : Number(g)))}
      />
      {plan.budget.partsToG === undefined ? null : (
        <Small>
          A little more is made, so that paint and medium are such as {plan.budget.partsToG * 2} g
          and {plan.budget.partsToG} g. What is over goes into the cups. A mix with no such amount
          near stays as reckoned.
        </Small>
      )}
      {apart.map(({ mix, index }) => (
        <View key={mix.id} className="flex-row flex-wrap items-center gap-x-3">
          <Small className="!text-16">{mix.name} goes its own way.</Small>
          <Act
            label="With the others again"
            name={`${mix.name} with the others again`}
            onPress={() => edit((p) => edits.setOwnWay(p, index, false))}
          />
        </View>
      ))}
    </Section>
  );
}
