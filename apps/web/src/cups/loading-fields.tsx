import type { Cup } from '@potter/core/cup';
import { edit as edits } from '@potter/core/plan';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Choice } from '@/ui/choice';
import { Compass } from '@/ui/compass';
import { NumberField } from '@/ui/quantity-field';
import { Small } from '@/ui/type';
import { OutletField } from './outlet-field';
import { VesselPick } from './vessel-pick';

const SAYS: Readonly<Record<NonNullable<Cup['loading']>, string>> = {
  layered: 'One on the other.',
  side: 'Each colour down its own side of the cup: they leave as ribbons.',
  split: 'A colour a compartment: they leave together, side by side.',
  single: 'One colour only.',
};

/** How a cup is filled and how it lets go: vessel, loading, stir, the side one pours from, the outlet. */
export function LoadingFields({ cup, doc }: { readonly cup: number; readonly doc: Cup }) {
  const { edit } = usePlan();
  const loading = doc.loading ?? 'layered';
  const set = (change: (c: Cup) => Cup, tag?: string) =>
    edit((p) => edits.setCup(p, cup, change), tag && `${tag} ${cup}`);
  const outlet = doc.outlet ?? 'rim';
  const compartments = doc.vessel.compartments ?? 1;
  const many = (doc.layers?.length ?? 0) > compartments;
  return (
    <>
      <VesselPick
        vessel={doc.vessel}
        onChange={(vessel) => edit((p) => edits.setVessel(p, cup, vessel))}
      />
      <Choice<NonNullable<Cup['loading']>>
        label="Loaded"
        value={loading}
        options={[
          { value: 'layered', label: 'In layers' },
          { value: 'side', label: 'Side by side' },
          { value: 'split', label: 'In compartments' },
          { value: 'single', label: 'One colour' },
        ]}
        onChange={(next) => edit((p) => edits.setLoading(p, cup, next))}
      />
      <Small className="-mt-2">
        {SAYS[loading]}
        {loading === 'split' && many
          ? ` It has ${compartments === 1 ? 'one compartment' : `${compartments} compartments`} and ${doc.layers?.length} layers: some share one.`
          : ''}
      </Small>
      <OutletField
        outlet={outlet}
        onChange={(next, tag) => set((c) => ({ ...c, outlet: next }), tag)}
      />
      <View className="flex-row flex-wrap items-start gap-4">
        <NumberField
          className="min-w-[140px] flex-1"
          label="Stirred or swirled, %"
          hint="0 leaves the layers alone, 100 blends them through."
          value={doc.stir ?? 0}
          per={0.01}
          decimals={0}
          min={0}
          max={1}
          onChange={(stir) => set((c) => ({ ...c, stir }), 'stir')}
        />
        {outlet === 'rim' &&
        (loading === 'side' || doc.layers?.some((l) => l.placement === 'side')) ? (
          <Compass
            label="Poured from its side"
            deg={doc.pourSideDeg ?? 0}
            onChange={(pourSideDeg) => set((c) => ({ ...c, pourSideDeg }))}
          />
        ) : null}
      </View>
    </>
  );
}
