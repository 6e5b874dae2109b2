import type { Field } from '@potter/core/field';
import { Text, View } from 'react-native';
import { Checkable } from './checkable';
import { Choice } from './choice';
import { Pick } from './pick';
import { YesNo } from './yes-no';
import { NumberField } from './quantity-field';
import { Small } from './type';

const SUFFIX = { mm: ' mm', s: ' s', deg: '°' } as const;

interface Props {
  readonly field: Field;
  readonly value: unknown;
  readonly onChange: (
    value: string | number | boolean | [number, number] | string[],
    tag?: string,
  ) => void;
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
          options={field.of.map((v) => ({ value: v, label: field.names?.[v] ?? v }))}
          onChange={(v) => onChange(v)}
        />
      );
    case 'yes-no':
      return <YesNo label={field.label} value={value === true} onChange={(v) => onChange(v)} />;
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
    case 'cups':
      return (
        <CupsInput
          label={field.label}
          chosen={Array.isArray(value) ? (value as string[]) : []}
          cups={cups}
          onChange={onChange}
        />
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

/** Some of the cups, in the order they were chosen; the last one cannot be taken out. */
function CupsInput({
  label,
  chosen,
  cups,
  onChange,
}: {
  readonly label: string;
  readonly chosen: readonly string[];
  readonly cups: Props['cups'];
  readonly onChange: (cups: string[]) => void;
}) {
  return (
    <View className="gap-1">
      <Small>{label}</Small>
      <View role="group" aria-label={label} className="flex-row flex-wrap gap-2">
        {cups.map(({ id }, i) => {
          const place = chosen.indexOf(id);
          const on = place >= 0;
          return (
            <Checkable
              key={id}
              role="checkbox"
              checked={on}
              label={`Cup ${i + 1}`}
              onPress={() => {
                const next = on ? chosen.filter((c) => c !== id) : [...chosen, id];
                if (next.length > 0) onChange(next);
              }}
              className={`min-h-[44px] min-w-[44px] flex-row items-center justify-center border px-3 py-2 ${on ? 'border-ink bg-ink' : 'border-outline active:bg-pressed'}`}
            >
              <Text className={`font-bold text-16 ${on ? 'text-surround' : 'text-ink'}`}>
                {on && chosen.length > 1 ? `Cup ${i + 1}, ${ordinal(place + 1)}` : `Cup ${i + 1}`}
              </Text>
            </Checkable>
          );
        })}
      </View>
    </View>
  );
}

const ordinal = (n: number): string => ['1st', '2nd', '3rd'][n - 1] ?? `${n}th`;
