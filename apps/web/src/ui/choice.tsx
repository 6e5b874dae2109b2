import { Text, View } from 'react-native';
import { Small } from './type';
import { Checkable } from './checkable';

interface Props<T extends string> {
  readonly label: string;
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly onChange: (value: T) => void;
}

/** One of a few: all in sight, the chosen one filled. */
export function Choice<T extends string>({ label, value, options, onChange }: Props<T>) {
  return (
    <View className="max-w-full gap-1">
      <Small>{label}</Small>
      <View role="radiogroup" aria-label={label} className="flex-row flex-wrap gap-2">
        {options.map((option) => {
          const chosen = option.value === value;
          return (
            <Checkable
              key={option.value}
              role="radio"
              checked={chosen}
              label={option.label}
              onPress={() => onChange(option.value)}
              className={`min-h-[44px] min-w-[44px] items-center justify-center border px-3 py-2 ${chosen ? 'border-ink bg-ink' : 'border-outline active:bg-pressed'}`}
            >
              <Text className={`font-bold text-16 ${chosen ? 'text-surround' : 'text-ink'}`}>
                {option.label}
              </Text>
            </Checkable>
          );
        })}
      </View>
    </View>
  );
}
