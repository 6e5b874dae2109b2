import type { PaintTrial, ShelfPaint } from '@potter/core/stock';
import { trim } from '@potter/core/quantity';
import { View } from 'react-native';
import { opacityWords } from './opacity-words';
import { Body, Small } from '@/ui/type';

/** What trials of a paint showed, the newest first. */
export function PaintTrials({ item }: { readonly item: ShelfPaint }) {
  const trials = [...(item.trials ?? [])].reverse();
  if (trials.length === 0) return <Small>{item.paint.name} has not been tried yet.</Small>;
  return (
    <View role="list" aria-label={`Trials of ${item.paint.name}`}>
      {trials.map((trial, i) => (
        <View
          role="listitem"
          key={trials.length - i}
          className="flex-row justify-between gap-3 border-b border-rule py-1"
        >
          <Small className="w-[92px]">{trial.on}</Small>
          <Body className="flex-1">{trialWords(trial)}</Body>
        </View>
      ))}
    </View>
  );
}

function trialWords(trial: PaintTrial): string {
  switch (trial.kind) {
    case 'opacity-card':
      return `Card, ${trial.coats} ${trial.coats === 1 ? 'coat' : 'coats'}: ${opacityWords(trial.opacity)}${trial.within === undefined ? '' : `, ± ${trim(100 * trial.within, 1)} by camera`}`;
    case 'tint-swatch':
      return `Swatch in ten of white: ${trial.hex}`;
    case 'weighing':
      return `${trim(trial.ml, 1)} mL weighed ${trim(trial.g, 1)} g: ${trim(trial.g / trial.ml, 2)} g/mL`;
    case 'note':
      return `Noted: ${trial.says}`;
  }
}
