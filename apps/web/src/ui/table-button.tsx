import { Pressable, Text } from 'react-native';

/** One of a row at the messy table: 64 px high, as wide as there is room. */
export function TableButton({
  label,
  onPress,
  disabled = false,
}: {
  readonly label: string;
  readonly onPress: () => void;
  readonly disabled?: boolean;
}) {
  return (
    <Pressable
      role="button"
      aria-label={label}
      aria-disabled={disabled}
      disabled={disabled}
      onPress={onPress}
      className={`h-[64px] flex-1 items-center justify-center active:bg-pressed ${disabled ? 'opacity-40' : ''}`}
    >
      <Text className="font-bold text-20 text-ink">{label}</Text>
    </Pressable>
  );
}
