import { opacityCards } from '@potter/core/format';
import type { Paint } from '@potter/core/paint';
import { type ShelfPaint, withNote, withOpacity } from '@potter/core/stock';
import { useState } from 'react';
import { View } from 'react-native';
import { usePaints, putOnShelf } from '@/data/shelf';
import { MeasuredOpacity } from '@/shelf/measured-opacity';
import { opacityWords } from '@/shelf/opacity-words';
import { PaintPicker } from '@/paints/paint-picker';
import { Printed } from '@/template/printed';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { today } from '@/ui/local-time';
import { Body, Small } from '@/ui/type';
import { UndoBar } from '@/ui/undo-bar';
import { PaintTrials } from '@/shelf/paint-trials';
import { CardByCamera } from './card-by-camera';
import { PaintPick } from '@/paints/paint-pick';
import { JudgeByEye } from './judge-by-eye';
import { NotePaint } from './note-paint';

/** A card to print and paint, and what it showed: the paint is as opaque as that from then on. */
export function OpacityCard() {
  const [printing, setPrinting] = useState(false);
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const paints = usePaints();
  const named = chosen.flatMap((id) => paints.find((p) => p.paint.id === id)?.paint.name ?? []);
  return (
    <View className="gap-4">
      <Body>
        Paint one box once and the other twice, undiluted, and let each coat dry: wet paint cannot
        be judged.
      </Body>
      <Button
        className="self-start"
        label={printing ? 'Leave the printing' : 'Print cards'}
        onPress={() => setPrinting(!printing)}
      />
      {printing ? (
        <View className="gap-4">
          <PaintPicker
            chosen={chosen}
            onToggle={({ id }: Paint) =>
              setChosen(chosen.includes(id) ? chosen.filter((c) => c !== id) : [...chosen, id])
            }
          />
          {named.length > 0 ? (
            <Printed
              drawings={opacityCards('Opacity cards', named)}
              says="The opacity cards"
              name="opacity-cards"
            />
          ) : (
            <Small>Tap the paints that are to be tried; four fit on a sheet.</Small>
          )}
        </View>
      ) : null}
      <Judge />
    </View>
  );
}

/** What a dried card shows. */
function Judge() {
  const paints = usePaints();
  const [chosen, setChosen] = useState<string>();
  const [way, setWay] = useState<'eye' | 'camera' | 'reading'>('eye');
  const [before, setBefore] = useState<ShelfPaint>();
  const item = paints.find((p) => p.paint.id === chosen) ?? paints[0];
  if (!item) return null;
  const { paint } = item;
  const keep = (opacity: Paint['opacity'], how: { readonly coats?: number } = {}) => {
    putOnShelf(withOpacity(item, today(), opacity, how), item);
    setBefore(item);
  };
  const now = before && paints.find((p) => p.paint.id === before.paint.id);
  return (
    <View className="gap-3">
      {way === 'camera' ? null : (
        <PaintPick label="The card of" paints={paints} value={paint.id} onChange={setChosen} />
      )}
      <Choice
        label="Judged"
        value={way}
        options={[
          { value: 'eye', label: 'By eye' },
          { value: 'camera', label: 'By camera' },
          { value: 'reading', label: 'By a reading' },
        ]}
        onChange={setWay}
      />
      {before ? (
        <UndoBar
          says={
            now && opacityWords(now.paint.opacity) !== opacityWords(before.paint.opacity)
              ? `The card is kept. ${before.paint.name} was ${opacityWords(before.paint.opacity)} before.`
              : `Kept with ${before.paint.name}.`
          }
          onUndo={() => {
            putOnShelf(before, now);
            setBefore(undefined);
          }}
        />
      ) : null}
      {way === 'camera' ? (
        <CardByCamera
          paints={paints}
          onKeep={(of, { opacity, ...how }) => {
            putOnShelf(withOpacity(of, today(), opacity, how), of);
            setChosen(of.paint.id);
            setBefore(of);
          }}
        />
      ) : way === 'eye' ? (
        <JudgeByEye
          paint={paint}
          judged={typeof paint.opacity === 'string' ? paint.opacity : undefined}
          onJudge={(opacity, coats) => keep(opacity, { coats })}
        />
      ) : (
        <MeasuredOpacity key={paint.id} paint={paint} onChange={keep} act="Keep the reading" />
      )}
      <NotePaint
        key={`note ${paint.id}`}
        onNote={(says) => {
          putOnShelf(withNote(item, today(), says), item);
          setBefore(item);
        }}
      />
      <PaintTrials item={item} />
    </View>
  );
}
