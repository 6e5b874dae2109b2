import type { EvenedBy } from '@potter/core/photograph';
import type { Photograph as Taken } from '@potter/core/piece';
import { createElement } from 'react';
import { View } from 'react-native';
import { Act } from '@/ui/button';
import { Small } from '@/ui/type';
import type { SquaredPicture } from './squared';
import { takenWords } from './thumbs';

/** Tallest a picture is shown, px. */
export const TALLEST = 480;

/** By what the light of a squared picture was evened. */
const LIGHT_WORDS: Readonly<Record<EvenedBy, string>> = {
  white: 'its light is told by what is white in it, and evened by the table round it.',
  grey: 'its light is told by the grey card in it, and evened by the table round it.',
  table: 'its light is evened by the table round it, an estimate; its colour is as it was taken.',
  'as-taken': 'its light is as it was taken.',
};

/** A picture as it looks from straight above. */
export function Straight({
  photograph,
  squared,
  onAsTaken,
  onCorners,
  onLight,
}: {
  readonly photograph: Taken;
  readonly squared: SquaredPicture;
  readonly onAsTaken: () => void;
  readonly onCorners: () => void;
  readonly onLight: () => void;
}) {
  const { neutral } = photograph;
  const unheard = neutral !== undefined && squared.light !== neutral.is;
  return (
    <View className="gap-2">
      <View className="self-start">
        {createElement('img', {
          src: squared.url,
          alt: `${takenWords(photograph)}, squared up`,
          style: { display: 'block', maxWidth: '100%', maxHeight: TALLEST },
        })}
      </View>
      <Small>
        Squared up; {LIGHT_WORDS[squared.light]}
        {unheard
          ? ` What was pointed out as ${neutral.is} is burnt out or too dark to tell by.`
          : ''}
      </Small>
      <View className="flex-row flex-wrap gap-x-5">
        <Act label="As it was taken" onPress={onAsTaken} />
        <Act label="Its corners" onPress={onCorners} />
        <Act label="Its light" onPress={onLight} />
      </View>
    </View>
  );
}
