import type { Field } from '@potter/core/field';
import { View } from 'react-native';
import { YesNo } from '../yes-no';
import type { Control } from './control';
import { PlaceFields } from './place-fields';

/** A place in two figures; one that may be left out is asked for first, and begins in the middle. */
export const PointInput: Control<Extract<Field, { kind: 'point' }>> = ({
  field,
  value,
  size: { widthMm, heightMm },
  onChange,
}) => {
  const at = Array.isArray(value) ? (value as [number, number]) : undefined;
  const places = <PlaceFields label={field.label} at={at ?? [0, 0]} onChange={onChange} />;
  if (!field.optional) return places;
  return (
    <View className="w-full gap-3">
      <YesNo
        label={field.label}
        value={at !== undefined}
        yes="A place"
        onChange={(wanted) =>
          onChange(wanted ? [Math.round(widthMm / 2), Math.round(heightMm / 2)] : undefined)
        }
      />
      {at ? <View className="flex-row flex-wrap gap-3">{places}</View> : null}
    </View>
  );
};
