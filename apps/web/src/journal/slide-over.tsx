import { createElement, useState } from 'react';
import { View } from 'react-native';
import { Slider } from '@/ui/slider';
import { Small } from '@/ui/type';

interface Side {
  readonly url: string;
  readonly says: string;
}

/** One picture over another in one frame, cut where the line stands. */
export function SlideOver({ left, right }: { readonly left: Side; readonly right: Side }) {
  const [cut, setCut] = useState(50);
  const [ratio, setRatio] = useState(1);
  return (
    <View className="gap-2">
      <View className="w-full max-w-[480px] overflow-hidden" style={{ aspectRatio: ratio }}>
        {createElement('img', {
          src: right.url,
          alt: right.says,
          onLoad: (event: { currentTarget: HTMLImageElement }) =>
            setRatio(
              event.currentTarget.naturalWidth / Math.max(1, event.currentTarget.naturalHeight),
            ),
          style: FILLS,
        })}
        {createElement('img', {
          src: left.url,
          alt: left.says,
          style: { ...FILLS, clipPath: `inset(0 ${100 - cut}% 0 0)` },
        })}
        <View
          pointerEvents="none"
          className="absolute bottom-0 top-0 w-[3px] bg-white"
          style={{ left: `${cut}%`, marginLeft: -1.5, outline: '1px solid #161616' } as object}
        />
      </View>
      <View className="max-w-[480px] flex-row justify-between gap-3">
        <Small>{left.says}</Small>
        <Small className="text-right">{right.says}</Small>
      </View>
      <View className="max-w-[480px]">
        <Slider
          label="Cut"
          value={cut}
          min={0}
          max={100}
          step={1}
          says={`${cut} % of the left one`}
          onChange={setCut}
        />
      </View>
    </View>
  );
}

const FILLS = {
  position: 'absolute',
  inset: 0,
  width: '100%',
  height: '100%',
  objectFit: 'fill',
} as const;
