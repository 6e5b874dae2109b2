import { MATERIALS, STOCK_MEDIUMS } from '@potter/core/material';
import { CONSISTENCIES, type Consistency, type Mix, type Opacity } from '@potter/core/mix';
import { edit as edits, type MixBrief } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { View } from 'react-native';
import { useMaterials, useMediums } from '@/data/shelf';
import { usePlan } from '@/plan/plan-context';
import { Choice } from '@/ui/choice';
import { Pick } from '@/ui/pick';
import { NumberField } from '@/ui/quantity-field';
import { Body, Small, Strong } from '@/ui/type';
import { useConsistencyName } from './consistency-name';
import { WeighTable } from './weigh-table';

interface Props {
  readonly index: number;
  readonly mix: Mix;
  readonly brief: MixBrief;
}

const NONE = 'none';

/** One mix: its ratio, what that makes of it, and how it is weighed. */
export function MixDetail({ index, mix, brief }: Props) {
  const { plan, edit } = usePlan();
  const nameOf = useConsistencyName();
  const set = (change: (m: Mix) => Mix, tag?: string) =>
    edit((p) => edits.setMix(p, index, change), tag && `${tag} ${mix.id}`);
  const shelf = useMediums();
  const ownMaterials = useMaterials();
  const inPlan = plan.mediums ?? [];
  const mediums = [
    ...inPlan,
    ...shelf.map((item) => item.medium).filter((m) => !inPlan.some((own) => own.id === m.id)),
    ...STOCK_MEDIUMS.filter((m) => !inPlan.some((own) => own.id === m.id)),
  ];
  const paint = plan.paints.find((p) => p.id === mix.paints[0]?.paint);
  const silicone = mix.additives?.find((a) => a.material === 'silicone');
  return (
    <View className="gap-4 px-2 pb-4 pt-1">
      <Pick
        label="Medium"
        value={mix.medium?.id ?? NONE}
        options={[
          { value: NONE, label: 'None' },
          ...mediums.map((m) => ({ value: m.id, label: m.name })),
        ]}
        onChange={(id) =>
          edit((p) =>
            edits.setMedium(
              p,
              index,
              id === NONE ? undefined : id,
              shelf.map((item) => item.medium),
              ownMaterials.map((item) => item.material),
            ),
          )
        }
      />
      <View className="flex-row gap-3">
        {mix.medium ? (
          <NumberField
            className="flex-1"
            label="Medium, parts to 1 of paint"
            value={mix.medium.parts}
            min={0.01}
            max={100}
            onChange={(parts) =>
              set((m) => (m.medium ? { ...m, medium: { ...m.medium, parts } } : m), 'medium')
            }
          />
        ) : null}
        <NumberField
          className="flex-1"
          label="Water, parts to 1 of paint"
          value={mix.waterParts ?? 0}
          min={0}
          max={100}
          onChange={(waterParts) => set((m) => ({ ...m, waterParts }), 'water')}
        />
      </View>
      <View className="flex-row flex-wrap items-end gap-3">
        <Choice
          label="Parts by"
          value={mix.basis}
          options={[
            { value: 'volume', label: 'Volume' },
            { value: 'weight', label: 'Weight' },
          ]}
          onChange={(basis) => set((m) => ({ ...m, basis }))}
        />
        <NumberField
          className="min-w-[140px] flex-1"
          label="Silicone, drops in 60 mL"
          value={silicone && 'drops' in silicone ? (silicone.drops / silicone.perMl) * 60 : 0}
          min={0}
          max={20}
          onChange={(drops) =>
            set((m) => {
              const others = m.additives?.filter((a) => a.material !== 'silicone') ?? [];
              const additives =
                drops > 0 ? [...others, { material: 'silicone', drops, perMl: 60 }] : others;
              const { additives: _, ...bare } = m;
              return additives.length > 0 ? { ...bare, additives } : bare;
            }, 'silicone')
          }
        />
      </View>
      <Choice<Consistency>
        label="How thick it should be"
        value={mix.consistency}
        options={CONSISTENCIES.map((c) => ({ value: c.step, label: nameOf(c.step) }))}
        onChange={(consistency) => set((m) => ({ ...m, consistency }))}
      />
      <Body>
        It comes out <Body className="font-bold">{nameOf(brief.consistency)}</Body>:{' '}
        {CONSISTENCIES.find((c) => c.step === brief.consistency)?.shows}. One millilitre weighs{' '}
        {trim(brief.densityGPerMl, 2)} g.
        {brief.waterShare > 0.01 ? ` ${trim(brief.waterShare * 100, 0)} % of it is water.` : ''}
      </Body>
      <View className="gap-1">
        <View className="flex-row justify-between">
          <Small>How it covers</Small>
          <Small>contrast ratio, wet film</Small>
        </View>
        <OpacityLine
          what={paint && mix.paints.length === 1 ? 'The paint' : 'The paints'}
          opacity={brief.opacity.paint}
        />
        <OpacityLine what="This mix" opacity={brief.opacity.mix} />
        <OpacityLine what="As poured" opacity={brief.opacity.film} />
      </View>
      <WeighTable
        title={`To make ${trim(brief.g, 1)} g`}
        steps={brief.steps}
        nameOf={(id) => plan.paints.find((p) => p.id === id)?.name ?? materialName(id, mediums)}
      />
    </View>
  );
}

function OpacityLine({ what, opacity }: { readonly what: string; readonly opacity: Opacity }) {
  return (
    <View className="flex-row items-baseline gap-2">
      <Small className="w-[76px]">{what}</Small>
      <Strong className="flex-1" lines={1}>
        {opacity.class}
      </Strong>
      <Small>
        {trim(opacity.contrastRatio * 100, 0)} %, {trim(opacity.filmUm, 0)} µm
      </Small>
    </View>
  );
}

export const materialName = (
  id: string,
  mediums: readonly { readonly id: string; readonly name: string }[],
): string =>
  MATERIALS.find((m) => m.id === id)?.name ?? mediums.find((m) => m.id === id)?.name ?? id;
