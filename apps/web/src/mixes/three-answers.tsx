import type { Opacity } from '@potter/core/mix';
import type { MixBrief } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { View } from 'react-native';
import { Small, Strong } from '@/ui/type';

/** The three answers to "is it opaque?": the paint, the mix, and the film that is poured. */
export function ThreeAnswers({
  mix,
  paints,
}: {
  readonly mix: MixBrief;
  /** How many paints are in it. */
  readonly paints: number;
}) {
  const { paint, mix: mixed, film } = mix.opacity;
  return (
    <View className="gap-1">
      <View className="flex-row justify-between">
        <Small>How it covers</Small>
        <Small>contrast ratio, wet film</Small>
      </View>
      <OpacityLine what={paints === 1 ? 'The paint' : 'The paints'} opacity={paint} />
      <OpacityLine what="This mix" opacity={mixed} />
      <OpacityLine what="As poured" opacity={film} />
    </View>
  );
}

function OpacityLine({ what, opacity }: { readonly what: string; readonly opacity: Opacity }) {
  return (
    <View className="flex-row items-baseline gap-2">
      <Small className="w-[76px]">{what}</Small>
      <Strong className="flex-1" lines={1}>
        {opacity.class}
      </Strong>
      <Small>
        {trim(opacity.contrastRatio * 100, 0)} %, {trim(opacity.filmUm, 0)} µm
      </Small>
    </View>
  );
}
