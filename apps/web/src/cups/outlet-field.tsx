import type { VesselOutlet as Outlet } from '@potter/core/vessel';
import { View } from 'react-native';
import { Choice } from '@/ui/choice';
import { NumberField, QuantityField } from '@/ui/quantity-field';

type Way = 'rim' | 'bottom' | 'holes' | 'tip';

const wayOf = (outlet: Outlet): Way =>
  typeof outlet === 'string' ? outlet : 'tipMm' in outlet ? 'tip' : 'holes';

const OUTLETS: Readonly<Record<Way, Outlet>> = {
  rim: 'rim',
  bottom: 'bottom',
  holes: { holes: 9, ringMm: 60 },
  tip: { tipMm: 3 },
};

/** Where a cup lets its paint out, with the measures of holes or a tip. */
export function OutletField({
  outlet,
  onChange,
}: {
  readonly outlet: Outlet;
  /** The tag names the measure that is being typed. */
  readonly onChange: (outlet: Outlet, tag?: string) => void;
}) {
  return (
    <>
      <Choice<Way>
        label="Paint leaves"
        value={wayOf(outlet)}
        options={[
          { value: 'rim', label: 'Over the rim' },
          { value: 'bottom', label: 'By the open bottom' },
          { value: 'holes', label: 'Through holes' },
          { value: 'tip', label: 'Through a tip' },
        ]}
        onChange={(way) => onChange(OUTLETS[way])}
      />
      {typeof outlet !== 'string' && 'holes' in outlet ? (
        <View className="flex-row gap-3">
          <NumberField
            className="flex-1"
            label="Holes"
            whole
            value={outlet.holes}
            min={2}
            max={200}
            onChange={(holes) => onChange({ ...outlet, holes }, 'holes')}
          />
          <QuantityField
            className="flex-1"
            label="On a ring, across"
            dimension="length"
            unit="mm"
            value={outlet.ringMm}
            min={1}
            max={600}
            onChange={(ringMm) => onChange({ ...outlet, ringMm }, 'ring')}
          />
        </View>
      ) : null}
      {typeof outlet !== 'string' && 'tipMm' in outlet ? (
        <QuantityField
          label="The tip is wide"
          dimension="length"
          unit="mm"
          value={outlet.tipMm}
          min={0.5}
          max={60}
          onChange={(tipMm) => onChange({ tipMm }, 'tip')}
        />
      ) : null}
    </>
  );
}
