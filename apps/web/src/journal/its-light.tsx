import { type Photograph as Taken, withNeutral } from '@potter/core/piece';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { Body, Small } from '@/ui/type';
import { Dot } from './dot';
import { usePictureUrl } from './photograph';
import type { Change } from './change';
import { TapPicture } from './tap-picture';

/** Points at something in a photograph that has no colour of its own, by which the light's colour is told. */
export function ItsLight({
  photograph: { picture, neutral },
  change,
  onDone,
}: {
  readonly photograph: Taken;
  readonly change: Change;
  readonly onDone: () => void;
}) {
  const url = usePictureUrl(picture);
  const [is, setIs] = useState(neutral?.is ?? 'white');
  const tell = (told: Taken['neutral']) => {
    change((piece) => withNeutral(piece, picture, told));
    onDone();
  };
  return (
    <View className="gap-3">
      <Choice
        label="In the picture there is"
        value={is}
        options={[
          { value: 'white', label: 'Something white' },
          { value: 'grey', label: 'A grey card' },
        ]}
        onChange={setIs}
      />
      <Body>Tap it: the white rim, a sheet of paper, the card. Not where it shines.</Body>
      <TapPicture
        url={url}
        label="The photograph, to point at what is white or grey"
        onTap={(at) => tell({ is, at })}
      >
        {neutral ? <Dot at={neutral.at} label={neutral.is === 'white' ? 'W' : 'G'} /> : null}
      </TapPicture>
      <View className="flex-row flex-wrap gap-2">
        {neutral ? <Button label="Take the point back" onPress={() => tell(undefined)} /> : null}
        <Button label="Leave it" onPress={onDone} />
      </View>
      <Small>Without one, the colour of the light stays in the picture.</Small>
    </View>
  );
}
