import { Path } from 'react-native-svg';
import { useTokens } from '@/ui/tokens';
import type { BoardView } from './view';

/** An open hand, mm: 185 from the wrist to the tip of the middle finger (about the mean of grown women and men, from memory). */
export const HAND = {
  widthMm: 99,
  heightMm: 185,
  gapMm: 14,
  path: 'M24 185C24 160 20 150 12 138L2 112C-1 104 8 99 13 107L24 124L20 42C20 31 33 30 35 41L41 88L42 12C42 0 56 0 57 12L60 86L66 22C67 11 81 12 80 24L78 90L86 54C88 44 100 47 98 57L92 122C90 142 84 152 80 164L79 185',
} as const;

/** The hand as large as it is beside what is drawn, its wrist's lower right at a place, mm. */
export function Hand({
  view: { left, top, scale },
  at: [x, y],
}: {
  readonly view: BoardView;
  readonly at: readonly [number, number];
}) {
  const { quiet } = useTokens();
  return (
    <Path
      d={HAND.path}
      transform={`translate(${left + (x - HAND.widthMm) * scale} ${top + (y - HAND.heightMm) * scale}) scale(${scale})`}
      fill="none"
      stroke={quiet}
      strokeWidth={1.5 / scale}
      strokeLinejoin="round"
    />
  );
}
