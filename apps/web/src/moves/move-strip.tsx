import type { RunStep } from '@potter/core/verb';
import { useEffect, useRef } from 'react';
import { ScrollView, View } from 'react-native';
import { Button } from '@/ui/button';
import { Checkable } from '@/ui/checkable';
import { Strong } from '@/ui/type';

/** Kept free beside the chosen one, so that its neighbours can be seen. */
const MARGIN = 64;

interface Props {
  readonly steps: readonly { readonly step: RunStep; readonly i: number }[];
  readonly selected: number | undefined;
  readonly adding: boolean;
  readonly onAdding: (adding: boolean) => void;
  readonly onSelect: (index: number | undefined) => void;
}

/** The moves that lie on the surface, in a row that keeps the chosen one in sight wherever it was chosen. */
export function MoveStrip({ steps, selected, adding, onAdding, onSelect }: Props) {
  const strip = useRef<ScrollView>(null);
  const row = useRef(0);
  const places = useRef(new Map<number, number>());
  const show = (index: number | undefined) => {
    const x = index === undefined ? undefined : places.current.get(index);
    if (x !== undefined)
      strip.current?.scrollTo({ x: Math.max(0, row.current + x - MARGIN), animated: false });
  };
  useEffect(() => show(selected), [selected]);
  return (
    <ScrollView
      ref={strip}
      horizontal
      className="flex-none border-t border-rule"
      contentContainerClassName="gap-2 p-2"
      showsHorizontalScrollIndicator={false}
    >
      <Button label={adding ? 'Close' : '+ Move'} onPress={() => onAdding(!adding)} />
      <View
        role="radiogroup"
        aria-label="Moves"
        className="flex-row gap-2"
        onLayout={(e) => (row.current = e.nativeEvent.layout.x)}
      >
        {steps.map(({ step, i }) => (
          <View
            key={step.move}
            onLayout={(e) => {
              places.current.set(i, e.nativeEvent.layout.x);
              // One that was chosen before it stood there.
              if (i === selected) show(i);
            }}
          >
            <Checkable
              role="radio"
              checked={i === selected}
              label={`${i + 1} ${step.title}`}
              onPress={() => onSelect(i === selected ? undefined : i)}
              className={`min-h-[44px] justify-center border px-3 ${i === selected ? 'border-ink bg-pressed' : 'border-outline'}`}
            >
              <Strong>
                {i + 1} {step.title}
              </Strong>
            </Checkable>
          </View>
        ))}
      </View>
    </ScrollView>
  );
}
