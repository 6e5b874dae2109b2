import Svg, { Rect } from 'react-native-svg';
import { useTokens } from './tokens';

interface Props {
  readonly overWhite: string;
  readonly overBlack: string;
  readonly size?: number;
  /** Read out; without it the chip is decoration beside its name. */
  readonly label?: string;
}

/** Grounds of the chip as drawn: reflectance 0.94 and 0.01. */
const WHITE = '#f8f8f8';
const BLACK = '#161616';

/** The drawdown chip: a film over a half white, half black ground. Its opacity is seen, not read. */
export function Chip({ overWhite, overBlack, size = 32, label }: Props) {
  const { ink } = useTokens();
  const band = { y: 6, height: 20 };
  return (
    <Svg
      width={size}
      height={size}
      viewBox="0 0 32 32"
      role={label ? 'img' : undefined}
      aria-label={label}
      aria-hidden={label ? undefined : true}
    >
      <Rect x={0} y={0} width={16} height={32} fill={WHITE} />
      <Rect x={16} y={0} width={16} height={32} fill={BLACK} />
      <Rect x={0} {...band} width={16} fill={overWhite} />
      <Rect x={16} {...band} width={16} fill={overBlack} />
      <Rect x={0.5} y={0.5} width={31} height={31} fill="none" stroke={ink} strokeWidth={1} />
    </Svg>
  );
}
