import { createElement, useEffect, useRef } from 'react';
import { View } from 'react-native';
import { drawPicture } from './draw-picture';
import type { Picture } from './had';
import { Small } from '@/ui/type';

/** Room in the box, px. */
const ROOM = { width: 124, height: 104 };
/** The same where three stand side by side on a phone. */
const NARROW = { width: 104, height: 88 };

/** A picture's size, as large as there is room. */
function fitted({ width, height }: Picture, room: typeof ROOM): { width: number; height: number } {
  const scale = Math.min(room.width / width, room.height / height);
  return { width: Math.round(width * scale), height: Math.round(height * scale) };
}

/** A box of one shape for all, with the picture as large as it goes into it; what is still computed says so. */
export function SmallPicture({
  picture,
  label,
  mat,
  narrow = false,
}: {
  readonly picture: Picture | undefined;
  readonly label: string;
  readonly mat: string;
  readonly narrow?: boolean;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    if (canvas.current && picture) drawPicture(canvas.current, picture);
  }, [picture]);
  return (
    <View
      className={`items-center justify-center ${narrow ? 'h-[92px] w-[110px]' : 'h-[112px] w-[132px]'}`}
      style={{ backgroundColor: mat }}
    >
      {picture ? (
        <View>
          {createElement('canvas', {
            ref: canvas,
            role: 'img',
            'aria-label': label,
            style: { ...fitted(picture, narrow ? NARROW : ROOM), display: 'block' },
          })}
        </View>
      ) : (
        <View className="bg-surround px-2">
          <Small>computing</Small>
        </View>
      )}
    </View>
  );
}
