import type { Photograph as Taken } from '@potter/core/piece';
import { trim } from '@potter/core/quantity';
import { islandAt } from '@potter/core/reading';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/button';
import { QuantityField } from '@/ui/quantity-field';
import { Body, Small } from '@/ui/type';
import type { ReadAnswer } from '@/workers/read-messages';
import { PutRightList } from './put-right-list';

type CellTold = NonNullable<Taken['cells']>[number];

/** A cell nobody has measured is told to be so wide, mm. */
const USUAL_MM = 6;

/** Says that a cell is none, or that one is where none was seen; and lists what was said. */
export function CellsRight({
  at,
  answer,
  taken: { cells: told = [] },
  onTell,
  onTakeBack,
  onLeave,
}: {
  readonly at: readonly [number, number] | undefined;
  readonly answer: ReadAnswer;
  readonly taken: Taken;
  readonly onTell: (told: CellTold) => void;
  readonly onTakeBack: (nth: number) => void;
  readonly onLeave: () => void;
}) {
  const [widthMm, setWidthMm] = useState(USUAL_MM);
  const { map, cells } = answer.read;
  const there =
    at && islandAt(cells.islands, [at[0] * map.across * map.mm, at[1] * map.down * map.mm]);
  return (
    <View className="gap-2">
      {at === undefined ? (
        <Small>
          No cell, or one not seen? Tap it on the map and say so. {cells.count} are counted.
        </Small>
      ) : there ? (
        <View className="gap-2">
          <Body>A cell {trim(there.widthMm, 1)} mm wide.</Body>
          <View className="flex-row flex-wrap gap-2">
            <Button primary label="It is no cell" onPress={() => onTell({ at: [at[0], at[1]] })} />
            <Button label="Leave it" onPress={onLeave} />
          </View>
        </View>
      ) : (
        <View className="flex-row flex-wrap items-end gap-2">
          <QuantityField
            className="min-w-[140px] flex-1"
            label="A cell, so wide"
            dimension="length"
            unit="mm"
            value={widthMm}
            min={0.5}
            max={200}
            onChange={setWidthMm}
          />
          <Button
            primary
            label="It is a cell"
            onPress={() => onTell({ at: [at[0], at[1]], widthMm })}
          />
          <Button label="Leave it" onPress={onLeave} />
        </View>
      )}
      <PutRightList
        label="Cells put right"
        lines={told.map(({ at: where, widthMm: wide }) => ({
          says: wide === undefined ? 'No cell' : `A cell ${trim(wide, 1)} mm wide`,
          at: where,
        }))}
        onTakeBack={onTakeBack}
      />
    </View>
  );
}
