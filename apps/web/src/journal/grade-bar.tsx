import { View } from 'react-native';

const WIDTH = 56;

/** How well a piece came out, as a bar that fills. */
export const GradeBar = ({ grade }: { readonly grade: number }) => (
  <View
    role="img"
    aria-label={`Came out ${Math.round(100 * grade)} of 100`}
    className="h-[8px] border border-ink"
    style={{ width: WIDTH }}
  >
    <View className="h-full bg-ink" style={{ width: `${100 * grade}%` }} />
  </View>
);
