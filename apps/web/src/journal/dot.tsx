import { View } from 'react-native';
import { Small } from '@/ui/type';

const SIDE = 26;

/** A numbered place, its edge seen on dark and pale alike. */
export const Dot = ({
  at: [x, y],
  label,
}: {
  readonly at: readonly [number, number];
  readonly label: string;
}) => (
  <View
    pointerEvents="none"
    className="absolute items-center justify-center border-2 border-white bg-black"
    style={{
      left: `${100 * x}%`,
      top: `${100 * y}%`,
      width: SIDE,
      height: SIDE,
      marginLeft: -SIDE / 2,
      marginTop: -SIDE / 2,
      borderRadius: SIDE / 2,
    }}
  >
    <Small className="font-bold !text-white">{label}</Small>
  </View>
);
