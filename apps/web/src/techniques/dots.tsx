import { type DotsFor } from '@potter/core/plan';
import { DOT_PATTERNS } from '@potter/core/technique';
import { View } from 'react-native';
import type { Picture } from '@/picture/had';
import { SmallPicture } from '@/picture/small-picture';
import { Button } from '@/ui/button';
import { Body, Heading } from '@/ui/type';

interface Props {
  readonly offers: readonly DotsFor[];
  readonly pictureOf: (offer: DotsFor) => Picture | undefined;
  readonly mat: string;
  readonly onTake: (offer: DotsFor) => void;
}

/** What may be set on the piece once it has cured: each pattern of dots with its own picture of this plan. */
export function DotsOffered({ offers, pictureOf, mat, onTake }: Props) {
  return (
    <View className="gap-3">
      <Heading>On its coat, once that has cured</Heading>
      <Body>
        Dots are set with a tool, on another day. They come after whichever of these the piece is
        poured by; their colours and sizes are yours to change under Finish.
      </Body>
      <View role="list" aria-label="Dots" className="gap-3 wide:flex-row wide:flex-wrap">
        {offers.map((offer) => {
          const { name, says } = DOT_PATTERNS[offer.pattern];
          return (
            <View
              key={offer.pattern}
              role="listitem"
              className="gap-2 border-l-4 border-l-transparent bg-raised p-2 wide:w-[420px]"
            >
              <View className="flex-row gap-3">
                <SmallPicture
                  picture={pictureOf(offer)}
                  mat={mat}
                  label={`This plan with dots: ${name.toLowerCase()}`}
                />
                <View className="flex-1 gap-1">
                  <Heading>{name}</Heading>
                  <Body>{says}</Body>
                </View>
              </View>
              <Button
                className="self-start"
                label="Set dots so"
                name={`Set dots so: ${name}`}
                onPress={() => onTake(offer)}
              />
            </View>
          );
        })}
      </View>
    </View>
  );
}
