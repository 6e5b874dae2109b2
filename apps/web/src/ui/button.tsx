import type { LucideIcon } from 'lucide-react-native';
import { Pressable, Text } from 'react-native';
import { useTokens } from './tokens';

interface Props {
  readonly label: string;
  /** Read out instead of the label, where that says too little by itself; begins with it. */
  readonly name?: string;
  readonly onPress: () => void;
  /** Filled ink for the one main act of a screen, ink outline for the rest. */
  readonly primary?: boolean;
  readonly disabled?: boolean;
  readonly className?: string;
}

export function Button({
  label,
  name = label,
  onPress,
  primary = false,
  disabled = false,
  className = '',
}: Props) {
  return (
    <Pressable
      role="button"
      aria-label={name}
      aria-disabled={disabled}
      disabled={disabled}
      onPress={onPress}
      className={`min-h-[44px] items-center justify-center border px-4 py-2 ${
        primary ? 'border-ink bg-ink' : 'border-outline active:bg-pressed'
      } ${disabled ? 'opacity-40' : ''} ${className}`}
    >
      <Text className={`font-bold text-16 ${primary ? 'text-surround' : 'text-ink'}`}>{label}</Text>
    </Pressable>
  );
}

/** An act told by a picture alone; its name is read out. */
export function IconButton({
  icon: Icon,
  label,
  onPress,
  disabled = false,
}: Props & { readonly icon: LucideIcon }) {
  const { ink } = useTokens();
  return (
    <Pressable
      role="button"
      aria-label={label}
      aria-disabled={disabled}
      disabled={disabled}
      onPress={onPress}
      className={`h-[44px] w-[44px] items-center justify-center active:bg-pressed ${disabled ? 'opacity-30' : ''}`}
    >
      <Icon size={22} color={ink} strokeWidth={2} />
    </Pressable>
  );
}

/** An act inside a sentence: underlined, and as easy to hit as a button. */
export function Act({
  label,
  name = label,
  onPress,
}: {
  readonly label: string;
  /** What it does, where the label says that only beside what stands around it. */
  readonly name?: string;
  readonly onPress: () => void;
}) {
  return (
    <Pressable
      role="button"
      aria-label={name}
      onPress={onPress}
      className="min-h-[44px] min-w-[44px] justify-center self-start active:bg-pressed"
    >
      <Text className="font-bold text-16 text-ink underline">{label}</Text>
    </Pressable>
  );
}
