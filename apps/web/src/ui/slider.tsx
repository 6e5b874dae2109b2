import { useTokens } from './tokens';
import { Small } from './type';
import { View } from 'react-native';

interface Props {
  readonly label: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly step: number;
  /** The value as it is read out. */
  readonly says: string;
  readonly onChange: (value: number) => void;
}

/** A value one drags, or moves by arrow keys: the browser's own control, as high as a finger. */
export function Slider({ label, value, min, max, step, says, onChange }: Props) {
  const { ink } = useTokens();
  return (
    <View>
      <Small>{`${label}, ${says}`}</Small>
      <input
        type="range"
        aria-label={label}
        aria-valuetext={says}
        {...{ value, min, max, step }}
        onChange={(event) => onChange(Number(event.currentTarget.value))}
        style={{ width: '100%', height: 44, margin: 0, accentColor: ink }}
      />
    </View>
  );
}
