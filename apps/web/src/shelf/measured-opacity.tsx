import { ratioSeen } from '@potter/core/optics';
import type { Paint } from '@potter/core/paint';
import { trim } from '@potter/core/quantity';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/button';
import { HexField } from '@/ui/hex-field';
import { NumberField } from '@/ui/quantity-field';
import { Body, Small } from '@/ui/type';
import { paintChip } from '@/paints/paint-chip';

interface Props {
  readonly paint: Paint;
  readonly onChange: (opacity: Paint['opacity']) => void;
  readonly act: string;
}

/** The limits of the schema, and two brush coats. */
const LEAST = 0.005;
const MOST = 0.9999;
const TWO_COATS_UM = 200;

/** A contrast ratio on a film that was measured: as it is read, or from the two colours of a picture of a card. */
export function MeasuredOpacity({ paint, onChange, act }: Props) {
  const known = typeof paint.opacity === 'string' ? undefined : paint.opacity;
  const chip = paintChip(paint);
  const [ratio, setRatio] = useState(known?.contrastRatio ?? chip.opacity.contrastRatio);
  const [wetMicrons, setMicrons] = useState(known?.wetMicrons ?? TWO_COATS_UM);
  const [onWhite, setOnWhite] = useState(chip.overWhite);
  const [onBlack, setOnBlack] = useState(chip.overBlack);
  const seen = ratioSeen(onBlack, onWhite);
  return (
    <View className="gap-3">
      <View className="flex-row gap-3">
        <NumberField
          className="flex-1"
          label="Contrast ratio"
          value={ratio}
          min={LEAST}
          max={MOST}
          per={0.01}
          decimals={1}
          suffix=" %"
          onChange={setRatio}
        />
        <NumberField
          className="flex-1"
          label="Wet film, µm"
          value={wetMicrons}
          min={5}
          max={2000}
          onChange={setMicrons}
        />
      </View>
      <Small>Two brush coats are about 200 µm wet.</Small>
      <Body>Or from a picture of the dried card, taken in even light:</Body>
      <View className="flex-row flex-wrap gap-3">
        <View className="min-w-[150px] flex-1">
          <HexField label="Paint beside the bar" value={onWhite} onChange={setOnWhite} />
        </View>
        <View className="min-w-[150px] flex-1">
          <HexField label="Paint over the bar" value={onBlack} onChange={setOnBlack} />
        </View>
      </View>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={`Take ${trim(seen * 100, 1)} % from the picture`}
          onPress={() => setRatio(seen)}
        />
        <Button
          primary
          label={act}
          onPress={() => onChange({ contrastRatio: Number(ratio.toFixed(4)), wetMicrons })}
        />
      </View>
    </View>
  );
}
