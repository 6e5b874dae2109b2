import { type BoxRead, type FieldRead, PRINT_BLACK } from '@potter/core/card';
import { nearest } from '@potter/core/optics';
import type { Paint } from '@potter/core/paint';
import { trim } from '@potter/core/quantity';
import type { ShelfPaint } from '@potter/core/stock';
import { useState } from 'react';
import { View } from 'react-native';
import { pickFile } from '@/data/files';
import { useAside } from '@/data/use-aside';
import { PaintPick } from '@/paints/paint-pick';
import { Button } from '@/ui/button';
import { NumberField } from '@/ui/quantity-field';
import { Failed, Waiting } from '@/ui/state';
import { Body, Figure, Small, Strong } from '@/ui/type';
import { YesNo } from '@/ui/yes-no';
import type { CardAnswer, CardAsk } from '@/workers/card-messages';

/** A brush coat is about so thick while it is wet, µm. */
const COAT_UM = 100;

/** What a box is kept as. */
export interface CardKept {
  readonly opacity: Paint['opacity'];
  readonly coats: number;
  readonly within: number;
}

/** A photograph of painted cards, read box by box, each card kept with its paint. */
export function CardByCamera({
  paints,
  onKeep,
}: {
  readonly paints: readonly ShelfPaint[];
  readonly onKeep: (item: ShelfPaint, kept: CardKept) => void;
}) {
  const reader = useAside<CardAsk, CardAnswer>(
    () => new Worker(new URL('../workers/card.worker.ts', import.meta.url)),
  );
  const [fields, setFields] = useState<CardAnswer>();
  const [measured, setMeasured] = useState(false);
  const [black, setBlack] = useState<number>(PRINT_BLACK.usual);
  const take = async (camera: boolean) => {
    const picture = await pickFile('image/*', 'Picture of the cards', { camera });
    if (!picture) return;
    setFields(undefined);
    const ask: CardAsk = measured ? { picture, black } : { picture };
    setFields(await reader.ask(ask));
  };
  return (
    <View className="gap-3">
      <Body>
        Lay the dried cards flat in even light, all four black squares of each in the picture, and
        nothing shining in the paint.
      </Body>
      <YesNo label="The printed black was measured" value={measured} onChange={setMeasured} />
      {measured ? (
        <NumberField
          className="max-w-[200px]"
          label="It sends back"
          value={black}
          min={0.01}
          max={0.2}
          per={0.01}
          decimals={1}
          suffix=" %"
          onChange={setBlack}
        />
      ) : (
        <Small>
          It is told from the picture, and taken to send back 3 to 7 % of the light, as most prints
          do.
        </Small>
      )}
      <View className="flex-row flex-wrap gap-2">
        <Button
          primary
          label="Take a picture"
          disabled={reader.busy}
          onPress={() => void take(true)}
        />
        <Button label="Choose one" disabled={reader.busy} onPress={() => void take(false)} />
      </View>
      {reader.busy ? <Waiting what="Reading the cards" /> : null}
      {reader.failed ? <Failed what="The cards were not read." why={reader.failed} /> : null}
      {fields?.length === 0 ? (
        <Failed
          what="No card was found."
          why="A card has four black squares at its corners, and all of them have to be in the picture. Older prints have none: print it anew, or judge it by eye."
        />
      ) : null}
      {fields?.map((field, i) => (
        <Field
          key={i}
          title={fields.length > 1 ? `Card ${i + 1} from the top` : 'The card'}
          field={field}
          paints={paints}
          onKeep={onKeep}
        />
      ))}
    </View>
  );
}

function Field({
  title,
  field: { boxes, fault },
  paints,
  onKeep,
}: {
  readonly title: string;
  readonly field: FieldRead;
  readonly paints: readonly ShelfPaint[];
  readonly onKeep: (item: ShelfPaint, kept: CardKept) => void;
}) {
  const [chosen, setChosen] = useState<string>();
  const [kept, setKept] = useState(false);
  // Most coats say most: they are what a paint's opacity is stated for.
  const last = boxes.at(-1);
  // Of the shelf's paints it is most likely the one that looks so.
  const likely =
    last &&
    nearest(
      last.besideHex,
      paints.map((of) => ({ of, hex: of.paint.hex })),
    )?.of.of;
  const item = paints.find(({ paint }) => paint.id === chosen) ?? likely;
  return (
    <View role="group" aria-label={title} className="gap-2 border-t border-ink pt-2">
      <Strong>{title}</Strong>
      {fault ? <Failed what="It was not read." why={fault} /> : null}
      {boxes.map((box) => (
        <Box key={box.coats} box={box} />
      ))}
      {last && item ? (
        <View className="flex-row flex-wrap items-end gap-2">
          <View className="min-w-[180px] flex-1">
            <PaintPick
              label="The paint on it"
              paints={paints}
              value={item.paint.id}
              onChange={(id) => {
                setChosen(id);
                setKept(false);
              }}
            />
          </View>
          <Button
            primary
            label={kept ? 'Kept' : 'Keep it'}
            disabled={kept}
            onPress={() => {
              setKept(true);
              onKeep(item, {
                opacity: {
                  contrastRatio: Number(last.contrastRatio.toFixed(4)),
                  wetMicrons: last.coats * COAT_UM,
                },
                coats: last.coats,
                within: Number(last.within.toFixed(3)),
              });
            }}
          />
        </View>
      ) : null}
    </View>
  );
}

const COATS = ['', 'One coat', 'Two coats'] as const;

/** One box: the paint beside the bar and over it, and how much of the bar it hides. */
const Box = ({ box }: { readonly box: BoxRead }) => (
  <View className="min-h-[56px] flex-row flex-wrap items-center gap-3 border-b border-rule py-1">
    <View className="flex-row" aria-hidden>
      {[box.besideHex, box.overHex].map((hex, i) => (
        <View key={i} className="h-[40px] w-[28px]" style={{ backgroundColor: hex }} />
      ))}
    </View>
    <View className="min-w-[120px] flex-1">
      <Strong>{COATS[box.coats]}</Strong>
      <Small>{box.class}</Small>
    </View>
    <View className="items-end">
      <Figure figure={trim(100 * box.contrastRatio, 1)} unit="% contrast ratio" />
      <Small>± {trim(100 * box.within, 1)} points</Small>
    </View>
  </View>
);
