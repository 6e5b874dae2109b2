import type { ShelfVessel } from '@potter/core/stock';
import { capacityMl, fillableMl, type Vessel } from '@potter/core/vessel';
import { trim } from '@potter/core/quantity';
import { View } from 'react-native';
import { CupDrawing } from '@/cups/cup-drawing';
import { OutletField } from '@/cups/outlet-field';
import { NumberField, QuantityField } from '@/ui/quantity-field';
import { Section } from '@/ui/section';
import { Body } from '@/ui/type';
import { ItemForm } from './item-form';
import { CountFields } from './count-fields';
import { FromWater } from './from-water';
import { NameField } from '@/ui/name-field';

/** A cup of one's own, by its inner measures. */
export function VesselForm({
  item,
  isNew,
}: {
  readonly item: ShelfVessel;
  readonly isNew: boolean;
}) {
  return (
    <ItemForm item={item} isNew={isNew} title={isNew ? 'New cup' : (item.vessel.name ?? 'Cup')}>
      {(value, set) => {
        const { vessel } = value;
        const change = (part: Partial<Vessel>) => set({ ...value, vessel: { ...vessel, ...part } });
        const holds = {
          id: value.id,
          capacityMl: capacityMl(vessel),
          fillableMl: fillableMl(vessel),
          filledMl: 0,
          loads: 1,
          loading: 'layered' as const,
          stir: 0,
          outlet: 'rim' as const,
          layers: [],
          emission: [],
        };
        return (
          <>
            <View className="items-start">
              <CupDrawing cup={holds} vessel={vessel} hexOf={() => '#808080'} />
            </View>
            <NameField value={vessel.name ?? ''} onChange={(name) => change({ name })} />
            <View className="flex-row gap-3">
              <QuantityField
                className="flex-1"
                label="Across the top"
                dimension="length"
                unit="mm"
                value={vessel.topMm}
                min={5}
                max={600}
                onChange={(topMm) => change({ topMm })}
              />
              <QuantityField
                className="flex-1"
                label="Across the floor"
                dimension="length"
                unit="mm"
                value={vessel.bottomMm}
                min={5}
                max={600}
                onChange={(bottomMm) => change({ bottomMm })}
              />
              <QuantityField
                className="flex-1"
                label="Height"
                dimension="length"
                unit="mm"
                value={vessel.heightMm}
                min={5}
                max={600}
                onChange={(heightMm) => change({ heightMm })}
              />
            </View>
            <Body>
              It holds {trim(capacityMl(vessel), 0)} mL to the brim, {trim(fillableMl(vessel), 0)}{' '}
              mL with head-room kept.
            </Body>
            <NumberField
              label="Compartments"
              hint="1 where it is not divided."
              whole
              value={vessel.compartments ?? 1}
              min={1}
              max={12}
              onChange={(n) => change({ compartments: n > 1 ? n : undefined })}
            />
            <OutletField
              outlet={value.outlet ?? 'rim'}
              onChange={(outlet) => set({ ...value, outlet })}
            />
            <Section
              title="Measure it with water"
              says="Where no ruler gets in: weigh the water to two marks."
            >
              <FromWater heightMm={vessel.heightMm} onFound={change} />
            </Section>
            <CountFields value={value} set={set} />
          </>
        );
      }}
    </ItemForm>
  );
}
