import ArrowDown from 'lucide-react-native/icons/arrow-down';
import ArrowDownLeft from 'lucide-react-native/icons/arrow-down-left';
import ArrowDownRight from 'lucide-react-native/icons/arrow-down-right';
import ArrowLeft from 'lucide-react-native/icons/arrow-left';
import ArrowRight from 'lucide-react-native/icons/arrow-right';
import ArrowUp from 'lucide-react-native/icons/arrow-up';
import ArrowUpLeft from 'lucide-react-native/icons/arrow-up-left';
import ArrowUpRight from 'lucide-react-native/icons/arrow-up-right';
import { View } from 'react-native';
import { Checkable } from './checkable';
import { useTokens } from './tokens';
import { Small } from './type';

const SIDES = [
  { deg: 225, name: 'back left', icon: ArrowUpLeft },
  { deg: 270, name: 'back', icon: ArrowUp },
  { deg: 315, name: 'back right', icon: ArrowUpRight },
  { deg: 180, name: 'left', icon: ArrowLeft },
  undefined,
  { deg: 0, name: 'right', icon: ArrowRight },
  { deg: 135, name: 'front left', icon: ArrowDownLeft },
  { deg: 90, name: 'front', icon: ArrowDown },
  { deg: 45, name: 'front right', icon: ArrowDownRight },
] as const;

/** The eighth of the circle an angle lies in, 0 to 315. */
const eighth = (deg: number): number => (((Math.round(deg / 45) * 45) % 360) + 360) % 360;

/** A side as one says it: "front left". */
export const sideName = (deg: number): string =>
  SIDES.find((s) => s?.deg === eighth(deg))?.name ?? 'right';

/** One of eight sides as one looks into a cup; front is toward oneself. Degrees clockwise from the right. */
export function Compass({
  label,
  deg,
  onChange,
}: {
  readonly label: string;
  readonly deg: number;
  readonly onChange: (deg: number) => void;
}) {
  const { ink, surround } = useTokens();
  const here = eighth(deg);
  return (
    <View className="gap-1">
      <Small>
        {label}: {sideName(deg)}
      </Small>
      <View role="radiogroup" aria-label={label} className="w-[144px] flex-row flex-wrap">
        {SIDES.map((side) =>
          side ? (
            <Checkable
              key={side.deg}
              role="radio"
              checked={side.deg === here}
              label={side.name}
              onPress={() => onChange(side.deg)}
              className={`h-[48px] w-[48px] items-center justify-center border ${side.deg === here ? 'border-ink bg-ink' : 'border-outline active:bg-pressed'}`}
            >
              <side.icon size={20} color={side.deg === here ? surround : ink} />
            </Checkable>
          ) : (
            <View key="middle" className="h-[48px] w-[48px]" />
          ),
        )}
      </View>
    </View>
  );
}
