import { Pressable, Text } from 'react-native';

/** The largest figure on the screen: what is to go in, or what the scale reads. */
export const Large = ({ text }: { readonly text: string }) => (
  <Text
    className="font-display text-[96px] leading-[104px] text-ink"
    style={{ fontVariant: ['tabular-nums'] }}
  >
    {text}
  </Text>
);

/** The lower part of the screen as one act, for a wet hand. */
export function BigAct({
  label,
  says,
  onPress,
}: {
  readonly label: string;
  readonly says: string;
  readonly onPress: () => void;
}) {
  return (
    <Pressable
      role="button"
      aria-label={label}
      onPress={onPress}
      className="h-[34%] items-center justify-center gap-2 bg-rail px-4"
    >
      <Text className="text-center font-display text-34 leading-[38px] text-railink">{label}</Text>
      <Text className="text-center font-body text-16 text-railink">{says}</Text>
    </Pressable>
  );
}
