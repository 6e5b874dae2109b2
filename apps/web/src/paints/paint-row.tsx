import type { Paint } from '@potter/core/paint';
import Check from 'lucide-react-native/icons/check';
import Plus from 'lucide-react-native/icons/plus';
import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { Checkable } from '@/ui/checkable';
import { Chip } from '@/ui/chip';
import { useTokens } from '@/ui/tokens';
import { Small, Strong } from '@/ui/type';
import { paintChip } from './paint-chip';

interface Props {
  readonly paint: Paint;
  readonly label?: string;
  /** Taken, free to be taken, or to be put on the shelf first. */
  readonly sign: 'taken' | 'free' | 'add';
  readonly onPress: () => void;
}

/** One paint to take or leave: its chip, its name, how it covers and how thick it is. */
export function PaintRow({ paint, label = paint.name, sign, onPress }: Props) {
  const { ink } = useTokens();
  const taken = sign === 'taken';
  const { overWhite, overBlack, opacity } = paintChip(paint);
  const Sign = taken ? Check : Plus;
  return (
    <Press
      {...{ sign, label, onPress }}
      className={`min-h-[60px] flex-row items-center gap-3 border-b border-b-rule py-2 pr-2 wide:w-[300px] ${taken ? 'border-l-4 border-l-ink bg-raised pl-2' : 'border-l-4 border-l-transparent pl-2'}`}
    >
      <Chip size={40} overWhite={overWhite} overBlack={overBlack} />
      <View className="min-w-0 flex-1">
        <Strong lines={2}>{paint.name}</Strong>
        <Small>
          {opacity.class}, {paint.body}
          {paint.finish === 'satin' ? '' : `, ${paint.finish}`}
        </Small>
      </View>
      <View className="w-[24px]">
        {sign === 'free' ? null : <Sign size={24} color={ink} strokeWidth={3} />}
      </View>
    </Press>
  );
}

/** What is added is pressed once; what is taken may be left again. */
const Press = ({
  sign,
  label,
  ...rest
}: Pick<Props, 'sign' | 'onPress'> & {
  readonly label: string;
  readonly className: string;
  readonly children: ReactNode;
}) =>
  sign === 'add' ? (
    <Pressable role="button" aria-label={label} {...rest} />
  ) : (
    <Checkable role="checkbox" checked={sign === 'taken'} label={label} {...rest} />
  );
