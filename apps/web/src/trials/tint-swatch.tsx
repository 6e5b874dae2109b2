import { drawdown } from '@potter/core/mix';
import { blend, paintOptics, SWATCH_WHITE } from '@potter/core/optics';
import type { Paint } from '@potter/core/paint';
import { GENERIC_PAINTS, type ShelfPaint, withTintSwatch } from '@potter/core/stock';
import { useState } from 'react';
import { View } from 'react-native';
import { putOnShelf, usePaints } from '@/data/shelf';
import { ColourField } from '@/paints/colour-field';
import { ColourOfPicture } from '@/paints/colour-of-picture';
import { PaintTrials } from '@/shelf/paint-trials';
import { PaintPick } from '@/paints/paint-pick';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { Chip } from '@/ui/chip';
import { today } from '@/ui/local-time';
import { Body, Small } from '@/ui/type';
import { UndoBar } from '@/ui/undo-bar';

/** A swatch is made with the white everybody has. */
const WHITE = GENERIC_PAINTS.find((p) => p.name === 'Titanium white')!;
/** Thick enough that nothing of the ground is seen: a swatch is painted until it covers. */
const COVERING_UM = 2000;

/** How strongly a paint tints, by a swatch of it in white: kept with the paint, with what that changes. */
export function TintSwatch() {
  const paints = usePaints();
  const [chosen, setChosen] = useState<string>();
  const [other, setOther] = useState<string>();
  const [way, setWay] = useState<'eye' | 'picture'>('eye');
  const [swatch, setSwatch] = useState<string>();
  const [before, setBefore] = useState<ShelfPaint>();
  const item = paints.find((p) => p.paint.id === chosen) ?? paints[0];
  if (!item) return null;
  const { paint } = item;
  const hex = swatch ?? paint.tint10Hex ?? mixed(paint, WHITE, SWATCH_WHITE).hexOverWhite;
  const after: Paint = { ...paint, tint10Hex: hex };
  const others = paints.filter((p) => p.paint.id !== paint.id);
  const beside = (others.find((p) => p.paint.id === other) ?? others[0])?.paint;
  return (
    <View className="gap-3">
      <PaintPick
        label="The swatch of"
        paints={paints}
        value={paint.id}
        onChange={(id) => {
          setChosen(id);
          setSwatch(undefined);
          setBefore(undefined);
        }}
      />
      <Body>
        Stir one part of it into ten of titanium white, paint it until the paper is covered, and let
        it dry: it dries darker than it is wet.
      </Body>
      <Choice
        label="Its colour"
        value={way}
        options={[
          { value: 'eye', label: 'By eye' },
          { value: 'picture', label: 'From a picture' },
        ]}
        onChange={setWay}
      />
      {way === 'eye' ? (
        <ColourField label="The dried swatch" value={hex} onChange={setSwatch} />
      ) : (
        <ColourOfPicture onColour={setSwatch} />
      )}
      <View role="list" aria-label="What the swatch changes" className="border-t border-ink">
        <Change
          says={`1 in ${SWATCH_WHITE} of white`}
          is={paint}
          after={after}
          other={WHITE}
          parts={SWATCH_WHITE}
        />
        <Change says="1 in 1 of white" is={paint} after={after} other={WHITE} parts={1} />
        {beside ? (
          <Change
            says={`1 in 1 of ${beside.name}`}
            is={paint}
            after={after}
            other={beside}
            parts={1}
          />
        ) : null}
      </View>
      {others.length > 1 && beside ? (
        <PaintPick
          label="With another colour"
          paints={others}
          value={beside.id}
          onChange={setOther}
        />
      ) : null}
      <Button
        label="Keep the swatch"
        disabled={hex === paint.tint10Hex || swatch === undefined}
        onPress={() => {
          putOnShelf(withTintSwatch(item, today(), hex), item);
          setBefore(item);
          setSwatch(undefined);
        }}
      />
      {before ? (
        <UndoBar
          says={`The swatch of ${before.paint.name} is kept: plans that take the paint from now on mix by it.`}
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

interface ChangeProps {
  readonly says: string;
  readonly is: Paint;
  readonly after: Paint;
  readonly other: Paint;
  readonly parts: number;
}

/** One blend as it was reckoned and as the swatch would have it. */
function Change({ says, is, after, other, parts }: ChangeProps) {
  return (
    <View
      role="listitem"
      className="min-h-[64px] flex-row items-center gap-3 border-b border-rule py-2"
    >
      <Body className="min-w-0 flex-1">{says}</Body>
      {[['now', is] as const, ['by the swatch', after] as const].map(([when, paint]) => {
        const { hexOverWhite, hexOverBlack } = mixed(paint, other, parts);
        return (
          <View key={when} className="w-[88px] items-center">
            <Chip
              size={40}
              overWhite={hexOverWhite}
              overBlack={hexOverBlack}
              label={`${says}, ${when}: ${hexOverWhite}`}
            />
            <Small>{when}</Small>
          </View>
        );
      })}
    </View>
  );
}

/** One part of a paint in so many of another, thick enough to cover. */
const mixed = (paint: Paint, other: Paint, parts: number) =>
  drawdown(
    blend(
      [
        { optics: paintOptics(paint), volume: 1 },
        { optics: paintOptics(other), volume: parts },
      ],
      0,
    ),
    COVERING_UM,
  );
