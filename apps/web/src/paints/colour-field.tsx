import { hexToOklch, type Oklch, oklchToHex } from '@potter/core/optics';
import { useState } from 'react';
import { View } from 'react-native';
import { HexField } from '@/ui/hex-field';
import { Slider } from '@/ui/slider';

/** More chroma than this no screen shows. */
const MOST_C = 0.32;
const DEFAULT_HUE = 30;

interface Props {
  readonly label: string;
  readonly value: string;
  readonly onChange: (hex: string) => void;
}

/** A colour by its digits, or by how light, how strong and which hue it is; nothing tinted lies round it. */
export function ColourField({ label, value, onChange }: Props) {
  // What was dragged last: a grey has no hue, and must not forget the one it came from.
  const [dragged, setDragged] = useState<{ readonly hex: string; readonly of: Oklch }>();
  const seen = hexToOklch(value);
  const of =
    dragged?.hex === value ? dragged.of : seen.c < 1e-3 ? { ...seen, h: DEFAULT_HUE } : seen;
  const drag = (part: Partial<Oklch>) => {
    const next = { ...of, ...part };
    const hex = oklchToHex(next);
    setDragged({ hex, of: next });
    onChange(hex);
  };
  const percent = (n: number) => `${Math.round(n * 100)} %`;
  return (
    <View className="gap-1">
      <HexField label={label} value={value} onChange={onChange} />
      <Slider
        label="How light"
        value={of.l}
        min={0}
        max={1}
        step={0.005}
        says={percent(of.l)}
        onChange={(l) => drag({ l })}
      />
      <Slider
        label="How strong"
        value={of.c}
        min={0}
        max={MOST_C}
        step={0.002}
        says={percent(of.c / MOST_C)}
        onChange={(c) => drag({ c })}
      />
      <Slider
        label="Hue"
        value={of.h}
        min={0}
        max={360}
        step={1}
        says={`${Math.round(of.h)}°`}
        onChange={(h) => drag({ h })}
      />
    </View>
  );
}
