import { edit as edits } from '@potter/core/plan';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Choice } from '@/ui/choice';
import { HexField } from '@/ui/hex-field';
import { YesNo } from '@/ui/yes-no';

const GROUNDS = [
  { value: '#f4f4f1', label: 'White primer' },
  { value: '#1c1c1c', label: 'Black' },
  { value: '#b9aa84', label: 'Bare wood' },
] as const;

/** What the paint lies on. Its colour shows through every clear film. */
export function GroundField() {
  const { plan, edit } = usePlan();
  const { ground } = plan.surface;
  const known = GROUNDS.find((g) => g.value === ground.hex)?.value;
  const set = (hex: string, tag?: string) =>
    edit((p) => edits.setSurface(p, { ground: { ...p.surface.ground, hex } }), tag);
  return (
    <>
      <Choice
        label="Ground"
        value={known ?? 'own'}
        options={[...GROUNDS, { value: 'own', label: 'Own colour' }]}
        onChange={(value) => set(value === 'own' ? '#8a8a8a' : value)}
      />
      {known === undefined ? (
        <HexField label="Ground colour" value={ground.hex} onChange={(hex) => set(hex, 'ground')} />
      ) : null}
      <View className="flex-row flex-wrap gap-3">
        <Choice
          label="Its finish"
          value={ground.finish}
          options={[
            { value: 'matt', label: 'Matt' },
            { value: 'satin', label: 'Satin' },
            { value: 'gloss', label: 'Gloss' },
            { value: 'metallic', label: 'Metallic' },
          ]}
          onChange={(finish) =>
            edit((p) => edits.setSurface(p, { ground: { ...p.surface.ground, finish } }))
          }
        />
        <YesNo
          label="Sprayed and sealed"
          yes="Yes, it wipes off"
          value={ground.sprayed === true}
          onChange={(sprayed) =>
            edit((p) => edits.setSurface(p, { ground: { ...p.surface.ground, sprayed } }))
          }
        />
      </View>
    </>
  );
}
