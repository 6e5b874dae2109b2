import type { ReactNode } from 'react';
import { Text, View } from 'react-native';
import { Checkable } from '@/ui/checkable';
import { Strong } from '@/ui/type';

/** A name and a few words to tap, none of which need hold: tapped again it is taken back. Full rows, for wet gloves. */
export function PickOne<T extends string>({
  label,
  before,
  value,
  options,
  onPick,
}: {
  readonly label: string;
  readonly before?: ReactNode;
  readonly value: T | undefined;
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly onPick: (value: T) => void;
}) {
  return (
    <View
      role="group"
      aria-label={label}
      className="flex-row flex-wrap items-center gap-x-3 gap-y-1 border-b border-rule py-2"
    >
      <View className="min-w-[112px] flex-1 flex-row items-center gap-2">
        {before}
        <Strong className="min-w-0 flex-1" lines={2}>
          {label}
        </Strong>
      </View>
      <View className="flex-row gap-1">
        {options.map((option) => {
          const is = option.value === value;
          return (
            <Checkable
              key={option.value}
              role="checkbox"
              checked={is}
              label={`${label}: ${option.label.toLowerCase()}`}
              onPress={() => onPick(option.value)}
              className={`min-h-[48px] min-w-[64px] items-center justify-center border px-2 ${is ? 'border-ink bg-ink' : 'border-outline active:bg-pressed'}`}
            >
              <Text className={`font-bold text-16 ${is ? 'text-surround' : 'text-ink'}`}>
                {option.label}
              </Text>
            </Checkable>
          );
        })}
      </View>
    </View>
  );
}
