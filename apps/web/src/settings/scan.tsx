import { View } from 'react-native';
import Svg, { Path, Rect } from 'react-native-svg';

/** Light round a code to be scanned, in its own squares: less, and cameras miss it (ISO/IEC 18004, four). */
const QUIET = 4;
const SIDE = 264;

/** A code for a camera, black on white in both themes: other colours are not read by every phone. */
export function Scan({
  rows,
  label,
}: {
  readonly rows: readonly string[];
  readonly label: string;
}) {
  const size = rows.length + 2 * QUIET;
  const squares = rows.flatMap((row, y) =>
    [...row].flatMap((dark, x) => (dark === '1' ? `M${x + QUIET} ${y + QUIET}h1v1h-1z` : [])),
  );
  return (
    <View role="img" aria-label={label} className="self-start">
      <Svg width={SIDE} height={SIDE} viewBox={`0 0 ${size} ${size}`}>
        <Rect width={size} height={size} fill="#ffffff" />
        <Path d={squares.join('')} fill="#000000" />
      </Svg>
    </View>
  );
}
