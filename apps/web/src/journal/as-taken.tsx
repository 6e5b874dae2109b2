import { type Photograph as Taken, withMark, withoutMark } from '@potter/core/piece';
import { useState } from 'react';
import { View } from 'react-native';
import { Act, Button } from '@/ui/button';
import { TextField } from '@/ui/text-field';
import { Body, Small, Strong } from '@/ui/type';
import { Dot } from './dot';
import { usePictureUrl } from './photograph';
import type { Change } from './change';
import { TapPicture } from './tap-picture';
import { takenWords } from './thumbs';

/** A picture as it was taken, with what is pointed at on it. A tap points at a place; a word says what is there. */
export function AsTaken({
  photograph,
  change,
  onOut,
  onStraight,
}: {
  readonly photograph: Taken;
  readonly change: Change;
  readonly onOut: () => void;
  readonly onStraight: () => void;
}) {
  const url = usePictureUrl(photograph.picture);
  const [at, setAt] = useState<[number, number]>();
  const [says, setSays] = useState('');
  const marks = photograph.marks ?? [];
  const keep = () => {
    if (!at || says.trim() === '') return;
    change((piece) => withMark(piece, photograph.picture, { at, says: says.trim() }));
    setAt(undefined);
    setSays('');
  };
  return (
    <View className="gap-2">
      <TapPicture url={url} label={takenWords(photograph)} onTap={setAt}>
        {[...marks.map(({ at: place }) => place), ...(at ? [at] : [])].map((place, i) => (
          <Dot key={i} at={place} label={i < marks.length ? String(i + 1) : '?'} />
        ))}
      </TapPicture>
      <View className="flex-row flex-wrap items-center justify-between gap-2">
        <Small>{takenWords(photograph)}. Tap a place to say what is there.</Small>
        <View className="flex-row flex-wrap gap-x-5">
          <Act label={photograph.corners ? 'Squared up' : 'Square it up'} onPress={onStraight} />
          <Act label="Take it out" name={`Take out: ${takenWords(photograph)}`} onPress={onOut} />
        </View>
      </View>
      {at ? (
        <View className="flex-row flex-wrap items-end gap-2">
          <TextField
            live
            className="min-w-[200px] flex-1"
            label="What is there"
            shown={says}
            read={(text) => ({ ok: true, value: text.slice(0, 200) })}
            onChange={setSays}
          />
          <Button primary label="Keep" disabled={says.trim() === ''} onPress={keep} />
          <Button label="Leave it" onPress={() => setAt(undefined)} />
        </View>
      ) : null}
      {marks.length > 0 ? (
        <View role="list" aria-label="Pointed at">
          {marks.map((mark, i) => (
            <View
              role="listitem"
              key={i}
              className="min-h-[44px] flex-row items-center gap-3 border-b border-rule"
            >
              <Strong>{i + 1}</Strong>
              <Body className="flex-1">{mark.says}</Body>
              <Act
                label="Take out"
                name={`Take out: ${mark.says}`}
                onPress={() => change((piece) => withoutMark(piece, photograph.picture, i))}
              />
            </View>
          ))}
        </View>
      ) : null}
    </View>
  );
}
