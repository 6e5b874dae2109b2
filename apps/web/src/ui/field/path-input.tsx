import type { Field } from '@potter/core/field';
import { type Path, PATHS, type PathKind, pathShapeOf } from '@potter/core/surface';
import { View } from 'react-native';
import { Choice } from '../choice';
import { NumberField } from '../quantity-field';
import { NumberInput } from './number-input';
import type { Control } from './control';
import { PlaceFields } from './place-fields';

const MOST_ROUNDS = 48;

/** A way over the surface in numbers: what kind it is, where its places lie, how large it is, how often it goes round. */
export const PathInput: Control<Extract<Field, { kind: 'path' }>> = ({
  field,
  value,
  size,
  onChange,
}) => {
  const path = (value as Path | undefined) ?? Object.values(PATHS)[0]!.start(size);
  const shape = pathShapeOf(path);
  const handles = shape.handles(path);
  const numbers = path as unknown as Readonly<Record<string, number>>;
  const about: [number, number] = [size.widthMm / 2, size.heightMm / 2];
  return (
    <View className="w-full gap-3" role="group" aria-label={field.label}>
      <Choice<PathKind>
        label={field.label}
        value={path.kind}
        options={Object.values(PATHS).map(({ id, title }) => ({ value: id, label: title }))}
        onChange={(kind) => onChange(PATHS[kind].start(size))}
      />
      {shape.places(path).map((name, k) => (
        <PlaceFields
          key={name}
          label={name}
          at={[...handles[k]!] as [number, number]}
          onChange={(at, tag) => onChange(shape.moved(path, k, at), tag)}
        />
      ))}
      <View className="flex-row flex-wrap gap-3">
        {Object.entries(shape.numbers).map(([name, { label, min, max, unit, usual }]) => (
          <NumberInput
            key={name}
            field={{ kind: 'number', label, min, max, ...(unit ? { unit } : {}) }}
            value={numbers[name] ?? usual}
            mixes={[]}
            cups={[]}
            size={size}
            onChange={(n) => onChange({ ...path, [name]: n } as Path, label)}
          />
        ))}
        <NumberField
          className="min-w-[120px] flex-1"
          label="Times round the middle"
          value={path.repeat?.n ?? 1}
          min={1}
          max={MOST_ROUNDS}
          decimals={0}
          onChange={(n) => {
            const { repeat, ...once } = path;
            onChange(
              n < 2 ? (once as Path) : { ...path, repeat: { aboutMm: about, ...repeat, n } },
              'rounds',
            );
          }}
        />
      </View>
    </View>
  );
};
