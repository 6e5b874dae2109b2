import { MATERIALS, SCOOP_ML, scoopG, type Material } from '@potter/core/material';
import type { Additive, Mix } from '@potter/core/mix';
import { edit as edits } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import Trash from 'lucide-react-native/icons/trash';
import { useState } from 'react';
import { View } from 'react-native';
import { useSettings } from '@/data/settings';
import { useMaterials } from '@/data/shelf';
import { usePlan } from '@/plan/plan-context';
import { IconButton } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { Pick } from '@/ui/pick';
import { NumberField } from '@/ui/quantity-field';
import { Small, Strong } from '@/ui/type';
import { OIL_PER_ML } from './oil';

/** Powder is spoken of in grams or scoops to this much. */
const POWDER_PER_ML = 100;
const MOST = 6;

/** Powders and oils of a mix. Oil goes in last of all, powder before it, in whatever order they stand here. */
export function Additives({ index, mix }: { readonly index: number; readonly mix: Mix }) {
  const { plan, edit } = usePlan();
  const own = useMaterials().map((item) => item.material);
  const all = [...(plan.materials ?? []), ...own, ...MATERIALS].filter(
    (m, i, list) =>
      (m.role === 'oil' || m.role === 'powder') && list.findIndex((o) => o.id === m.id) === i,
  );
  const additives = mix.additives ?? [];
  const set = (next: readonly Additive[], tag?: string) =>
    edit((p) => edits.setAdditives(p, index, next, own), tag && `${tag} ${mix.id}`);
  const rest = all.filter((m) => !additives.some((a) => a.material === m.id));
  return (
    <View className="gap-3">
      {additives.map((additive, at) => {
        const material = all.find((m) => m.id === additive.material);
        if (!material) return null;
        return (
          <OneAdditive
            key={additive.material}
            material={material}
            additive={additive}
            onChange={(next) =>
              set(
                additives.map((a, i) => (i === at ? next : a)),
                `additive ${at}`,
              )
            }
            onRemove={() => set(additives.filter((_, i) => i !== at))}
          />
        );
      })}
      {rest.length > 0 && additives.length < MOST ? (
        <Pick
          label="Add a powder or an oil"
          value=""
          empty="None"
          options={rest.map((m) => ({
            value: m.id,
            label: m.role === 'oil' ? `${m.name}, ${trim(m.viscosityPaS, 2)} Pa·s` : m.name,
          }))}
          onChange={(id) => {
            const oil = all.find((m) => m.id === id)?.role === 'oil';
            set([
              ...additives,
              oil
                ? { material: id, drops: 2, perMl: OIL_PER_ML }
                : { material: id, g: 3, perMl: POWDER_PER_ML },
            ]);
          }}
        />
      ) : null}
    </View>
  );
}

function OneAdditive({
  material,
  additive,
  onChange,
  onRemove,
}: {
  readonly material: Material;
  readonly additive: Additive;
  readonly onChange: (next: Additive) => void;
  readonly onRemove: () => void;
}) {
  const { scoopMl = SCOOP_ML } = useSettings();
  const [by, setBy] = useState<'g' | 'scoops'>('g');
  const perScoop = scoopG(material, 1, scoopMl);
  return (
    <View className="gap-1 border-l border-rule pl-3">
      <View className="flex-row items-center gap-2">
        <Strong className="flex-1">{material.name}</Strong>
        <IconButton icon={Trash} label={`Leave ${material.name} out`} onPress={onRemove} />
      </View>
      {'drops' in additive ? (
        <NumberField
          label={`Drops in ${OIL_PER_ML} mL`}
          value={(additive.drops / additive.perMl) * OIL_PER_ML}
          min={0.1}
          max={40}
          onChange={(drops) => onChange({ material: material.id, drops, perMl: OIL_PER_ML })}
        />
      ) : (
        <View className="flex-row flex-wrap items-end gap-3">
          <NumberField
            className="min-w-[120px] flex-1"
            label={by === 'g' ? `Grams in ${POWDER_PER_ML} mL` : `Scoops in ${POWDER_PER_ML} mL`}
            value={(additive.g / additive.perMl) * POWDER_PER_ML}
            per={by === 'g' ? 1 : perScoop}
            min={0.01}
            max={200}
            onChange={(g) => onChange({ material: material.id, g, perMl: POWDER_PER_ML })}
          />
          <Choice
            label="Measured by"
            value={by}
            options={[
              { value: 'g', label: 'Gram' },
              { value: 'scoops', label: 'Scoop' },
            ]}
            onChange={setBy}
          />
        </View>
      )}
      {by === 'scoops' && 'g' in additive ? (
        <Small>
          A level scoop of {trim(scoopMl, 2)} mL holds about {trim(perScoop, 2)} g; its size stands
          in the settings.
        </Small>
      ) : null}
      {material.note ? <Small>{material.note}</Small> : null}
    </View>
  );
}
