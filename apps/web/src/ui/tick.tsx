import Check from 'lucide-react-native/icons/check';
import { View } from 'react-native';
import { useTokens } from './tokens';

/** A box to tick, large enough to see from a step away. */
export function Tick({ done }: { readonly done: boolean }) {
  const { surround } = useTokens();
  return (
    <View
      className={`h-[28px] w-[28px] items-center justify-center border-2 border-ink ${done ? 'bg-ink' : ''}`}
    >
      {done ? <Check size={22} color={surround} strokeWidth={4} /> : null}
    </View>
  );
}
