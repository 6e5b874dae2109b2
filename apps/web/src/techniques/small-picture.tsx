import { createElement, useEffect, useRef } from 'react';
import { View } from 'react-native';
import { drawPicture } from '@/picture/draw-picture';
import type { Picture } from '@/picture/pour-host';
import { Small } from '@/ui/type';

/** Room in the box, px. */
const ROOM = { width: 124, height: 104 };

/** A picture's size, as large as there is room. */
function fitted({ width, height }: Picture): { width: number; height: number } {
  const scale = Math.min(ROOM.width / width, ROOM.height / height);
  return { width: Math.round(width * scale), height: Math.round(height * scale) };
}

/** A box of one shape for all, with the picture as large as it goes into it; what is still computed says so. */
export function SmallPicture({
  picture,
  label,
  mat,
}: {
  readonly picture: Picture | undefined;
  readonly label: string;
  readonly mat: string;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    if (canvas.current && picture) drawPicture(canvas.current, picture);
  }, [picture]);
  return (
    <View
      className="h-[112px] w-[132px] items-center justify-center"
      style={{ backgroundColor: mat }}
    >
      {picture ? (
        <View>
          {createElement('canvas', {
            ref: canvas,
            role: 'img',
            'aria-label': label,
            style: { ...fitted(picture), display: 'block' },
          })}
        </View>
      ) : (
        <Small>computing</Small>
      )}
    </View>
  );
}
