import type { Field } from '@potter/core/field';
import { View } from 'react-native';
import { Pick } from '../pick';
import type { Control } from './control';

const NONE = '';

export const MixInput: Control<Extract<Field, { kind: 'mix' }>> = ({
  field,
  value,
  mixes,
  onChange,
}) => (
  <View className="w-full">
    <Pick
      label={field.label}
      value={String(value ?? NONE)}
      empty="none"
      options={[
        ...(field.optional ? [{ value: NONE, label: 'none' }] : []),
        ...mixes.map((m) => ({ value: m.id, label: m.name })),
      ]}
      onChange={(v) => onChange(v === NONE ? undefined : v)}
    />
  </View>
);
