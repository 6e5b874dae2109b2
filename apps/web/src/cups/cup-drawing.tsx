import type { LoadedCup } from '@potter/core/cup';
import { trim } from '@potter/core/quantity';
import type { Vessel } from '@potter/core/vessel';
import { View } from 'react-native';
import Svg, { Path, Polygon } from 'react-native-svg';
import { useTokens } from '@/ui/tokens';
import { Small } from '@/ui/type';

const WIDTH = 92;

/** The cup itself in true proportion, with its strata at their levels. */
export function CupDrawing({
  cup,
  vessel,
  hexOf,
}: {
  readonly cup: LoadedCup;
  readonly vessel: Vessel;
  readonly hexOf: (mix: string) => string;
}) {
  const { ink } = useTokens();
  const scale = WIDTH / Math.max(vessel.topMm, vessel.bottomMm);
  const height = vessel.heightMm * scale;
  const half = (mm: number) =>
    ((vessel.bottomMm + (vessel.topMm - vessel.bottomMm) * (mm / vessel.heightMm)) / 2) * scale;
  const level = (mm: number) => Math.min(mm, vessel.heightMm);
  const y = (mm: number) => 1 + height - level(mm) * scale;
  const c = WIDTH / 2 + 1;
  const free = cup.fillableMl - cup.filledMl;
  return (
    <View className="items-center pb-2">
      <Small>{free >= 0 ? `${trim(free, 0)} mL free` : `${trim(-free, 0)} mL over`}</Small>
      <Svg
        width={WIDTH + 2}
        height={height + 2}
        role="img"
        aria-label={`The cup, ${trim(cup.filledMl, 0)} of ${trim(cup.capacityMl, 0)} mL`}
      >
        {cup.layers.map((l, i) => {
          const [a, b] = [half(level(l.fromMm)), half(level(l.toMm))];
          return (
            <Polygon
              key={i}
              fill={hexOf(l.mix)}
              points={`${c - a},${y(l.fromMm)} ${c + a},${y(l.fromMm)} ${c + b},${y(l.toMm)} ${c - b},${y(l.toMm)}`}
            />
          );
        })}
        <Path
          d={`M${c - half(vessel.heightMm)} 1L${c - half(0)} ${1 + height}H${c + half(0)}L${c + half(vessel.heightMm)} 1`}
          fill="none"
          stroke={ink}
          strokeWidth={1.5}
        />
      </Svg>
    </View>
  );
}
