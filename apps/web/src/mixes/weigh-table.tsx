import type { WeighStep } from '@potter/core/mix';
import { View } from 'react-native';
import { Body, Figure, Small, Strong } from '@/ui/type';
import { Mass } from '@/ui/units';

interface Props {
  readonly title: string;
  readonly steps: readonly WeighStep[];
  readonly nameOf: (id: string) => string;
}

/** What goes in, in order, and what the scale reads after each. */
export function WeighTable({ title, steps, nameOf }: Props) {
  return (
    <View role="list" aria-label={title}>
      <View role="listitem" className="flex-row items-baseline border-b border-ink pb-1">
        <Strong className="flex-1">{title}</Strong>
        <Small className="w-[72px] text-right">add</Small>
        <Small className="w-[88px] text-right">scale reads</Small>
      </View>
      {steps.map((step, i) => (
        <View
          role="listitem"
          key={`${step.material} ${i}`}
          className="flex-row items-baseline border-b border-rule py-2"
        >
          <Body className="flex-1">{nameOf(step.material)}</Body>
          {step.drops === undefined ? (
            <>
              <Mass className="w-[80px] justify-end" g={step.g} fine />
              <Mass className="w-[88px] justify-end" g={step.scaleReadsG} fine />
            </>
          ) : (
            <Figure
              className="w-[160px] justify-end"
              figure={String(step.drops)}
              unit={step.drops === 1 ? 'drop, last' : 'drops, last'}
            />
          )}
        </View>
      ))}
    </View>
  );
}
