import { densityOf } from '@potter/core/paint';
import { trim } from '@potter/core/quantity';
import { densityFault, type ShelfPaint, withWeighing } from '@potter/core/stock';
import { useState } from 'react';
import { View } from 'react-native';
import { usePaints, putOnShelf } from '@/data/shelf';
import { Button } from '@/ui/button';
import { today } from '@/ui/local-time';
import { NumberField, QuantityField } from '@/ui/quantity-field';
import { Body, Figure, Small, Strong } from '@/ui/type';
import { UndoBar } from '@/ui/undo-bar';
import { PaintTrials } from '@/shelf/paint-trials';
import { PaintPick } from '@/paints/paint-pick';

const USUAL_ML = 10;

/** How heavy a paint is, by weighing a known volume: decides what sinks in a cup, and every gram of a mix. */
export function WeighPaint() {
  const paints = usePaints();
  const [chosen, setChosen] = useState<string>();
  const [ml, setMl] = useState(USUAL_ML);
  const [g, setG] = useState<number>();
  const [before, setBefore] = useState<ShelfPaint>();
  const item = paints.find((p) => p.paint.id === chosen) ?? paints[0];
  if (!item) return null;
  const { paint } = item;
  const fault = g === undefined ? undefined : densityFault(ml, g);
  const shown = g ?? Number((densityOf(paint) * ml).toFixed(1));
  return (
    <View className="gap-3">
      <PaintPick
        label="The paint on the scale"
        paints={paints}
        value={paint.id}
        onChange={(id) => {
          setChosen(id);
          setG(undefined);
        }}
      />
      <Body>
        1. Put an empty measure on the scale, a syringe without its plunger does, and set it to
        nought.
      </Body>
      <Body>2. Fill it with paint as it comes, to the mark, without bubbles.</Body>
      <Body>3. Type what the scale reads.</Body>
      <View className="flex-row gap-3">
        <QuantityField
          className="flex-1"
          label="Up to the mark"
          dimension="volume"
          unit="ml"
          value={ml}
          min={1}
          max={1000}
          onChange={setMl}
        />
        <NumberField
          className="flex-1"
          label="The scale reads, g"
          value={shown}
          min={0.1}
          max={3000}
          decimals={1}
          onChange={setG}
        />
      </View>
      {fault ? (
        <View role="alert" className="border-l-[6px] border-l-ink bg-raised p-3">
          <Strong>{fault}</Strong>
        </View>
      ) : (
        <View className="flex-row items-end justify-between gap-3">
          <View>
            <Figure figure={trim(shown / ml, 2)} unit="g/mL" size="text-34" />
            <Small>
              {g === undefined ? 'as it is known now' : `${trim(densityOf(paint), 2)} before`}
            </Small>
          </View>
          <Button
            primary
            label="Keep the weight"
            disabled={g === undefined}
            onPress={() => {
              if (g === undefined) return;
              putOnShelf(withWeighing(item, today(), ml, g), item);
              setBefore(item);
              setG(undefined);
            }}
          />
        </View>
      )}
      {before ? (
        <UndoBar
          says={`${before.paint.name} weighs what the scale said now.`}
          onUndo={() => {
            putOnShelf(before, item);
            setBefore(undefined);
          }}
        />
      ) : null}
      <PaintTrials item={item} />
    </View>
  );
}
