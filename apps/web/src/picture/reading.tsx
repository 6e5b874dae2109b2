import type { PictureRead } from '@potter/core/flow';
import { hundredths, trim } from '@potter/core/quantity';
import { View } from 'react-native';
import { Figure, Heading, Small } from '@/ui/type';
import { NINTHS } from './ninths';

/** From so much more than an even share on a part of a picture draws the eye. */
const DRAWS = 1.4;
/** From so far on one side of a picture weighs more than the other. */
const LEANS = 0.06;

/** What is read off the picture, as off a photograph: calm, bands, blends, where the eye goes, where it weighs. */
export function Reading({ read }: { readonly read: PictureRead }) {
  const { calm, widthMm, borderMm, unplanned, mud, focus, balance } = read;
  return (
    <View className="gap-2" role="group" aria-label="The picture">
      <Heading>The picture</Heading>
      <View className="flex-row flex-wrap gap-x-5 gap-y-1">
        <Figure figure={hundredths(calm)} unit="% calm" />
        {widthMm === undefined ? null : <Figure figure={trim(widthMm, 1)} unit="mm bands" />}
        <Figure figure={hundredths(unplanned)} unit="% blends" />
        <Figure figure={hundredths(mud)} unit="% mud" />
      </View>
      <Small>
        {focus.times >= DRAWS
          ? `The eye goes to the ${NINTHS[focus.ninth]!}. `
          : 'No part of it draws the eye more than another. '}
        {leaning(balance)}
        {borderMm === undefined ? '' : `Borders are about ${trim(borderMm, 1)} mm wide. `}
        Blends are colours none of the mixes has by itself, thin films among them.
      </Small>
    </View>
  );
}

function leaning([x, y]: readonly [number, number]): string {
  const sides = [
    ...(Math.abs(y) < LEANS ? [] : [y > 0 ? 'bottom' : 'top']),
    ...(Math.abs(x) < LEANS ? [] : [x > 0 ? 'right' : 'left']),
  ];
  return sides.length > 0
    ? `It is darker at the ${sides.join(' ')}. `
    : 'Dark and light are even. ';
}
