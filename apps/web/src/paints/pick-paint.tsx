import type { Paint } from '@potter/core/paint';
import { useState } from 'react';
import { View } from 'react-native';
import { PickHead } from '@/ui/pick';
import { PaintPicker } from './paint-picker';

interface Props {
  readonly label: string;
  readonly paint?: Paint;
  /** Shown where nothing is chosen. */
  readonly empty: string;
  readonly also: readonly Paint[];
  readonly onChoose: (paint: Paint) => void;
}

/** One paint of many: the chosen one in sight; behind a press the shelf, and what may be added to it. */
export function PickPaint({ label, paint, empty, also, onChoose }: Props) {
  const [open, setOpen] = useState(false);
  return (
    <View className="gap-1">
      <PickHead label={label} chosen={paint?.name ?? empty} open={open} onOpen={setOpen} />
      {open ? (
        <View className="border-x border-b border-outline p-2">
          <PaintPicker
            also={also}
            chosen={paint ? [paint.id] : []}
            onToggle={(next) => {
              setOpen(false);
              onChoose(next);
            }}
          />
        </View>
      ) : null}
    </View>
  );
}
