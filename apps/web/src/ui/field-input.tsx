import type { Field } from '@potter/core/field';
import { View } from 'react-native';
import { Choice } from './choice';
import { Pick } from './pick';
import { NumberField } from './quantity-field';

const SUFFIX = { mm: ' mm', s: ' s', deg: '°' } as const;

interface Props {
  readonly field: Field;
  readonly value: unknown;
  readonly onChange: (value: string | number | boolean | [number, number], tag?: string) => void;
  readonly mixes: readonly { readonly id: string; readonly name: string }[];
  readonly cups: readonly { readonly id: string }[];
}

/** The input for a field that a verb or technique states as data. */
export function FieldInput({ field, value, onChange, mixes, cups }: Props) {
  switch (field.kind) {
    case 'number':
      return (
        <NumberField
          className="min-w-[120px] flex-1"
          label={field.label}
          value={typeof value === 'number' ? value : field.min}
          min={field.min}
          max={field.max}
          suffix={field.unit ? SUFFIX[field.unit] : ''}
          onChange={(n) => onChange(n, field.label)}
        />
      );
    case 'choice':
      return (
        <Choice
          label={field.label}
          value={String(value ?? field.of[0])}
          options={field.of.map((v) => ({ value: v, label: v }))}
          onChange={(v) => onChange(v)}
        />
      );
    case 'yes-no':
      return (
        <Choice
          label={field.label}
          value={value === true ? 'yes' : 'no'}
          options={[
            { value: 'yes', label: 'Yes' },
            { value: 'no', label: 'No' },
          ]}
          onChange={(v) => onChange(v === 'yes')}
        />
      );
    case 'point': {
      const [x, y] = Array.isArray(value) ? (value as [number, number]) : [0, 0];
      return (
        <View className="w-full flex-row gap-3">
          <NumberField
            className="flex-1"
            label={`${field.label}, from the left`}
            value={x}
            min={-5000}
            max={10000}
            decimals={0}
            suffix=" mm"
            onChange={(n) => onChange([n, y], 'x')}
          />
          <NumberField
            className="flex-1"
            label={`${field.label}, from the top`}
            value={y}
            min={-5000}
            max={10000}
            decimals={0}
            suffix=" mm"
            onChange={(n) => onChange([x, n], 'y')}
          />
        </View>
      );
    }
    case 'mix':
      return (
        <View className="w-full">
          <Pick
            label={field.label}
            value={String(value)}
            options={mixes.map((m) => ({ value: m.id, label: m.name }))}
            onChange={(v) => onChange(v)}
          />
        </View>
      );
    case 'cup':
      return (
        <Choice
          label={field.label}
          value={String(value)}
          options={cups.map((c, i) => ({ value: c.id, label: `Cup ${i + 1}` }))}
          onChange={(v) => onChange(v)}
        />
      );
  }
}
