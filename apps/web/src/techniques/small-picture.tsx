import { createElement, useEffect, useRef } from 'react';
import { View } from 'react-native';
import { drawPicture } from '@/picture/draw-picture';
import type { Picture } from '@/picture/pour-host';
import { Small } from '@/ui/type';

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
            style: { maxWidth: 124, maxHeight: 104, display: 'block' },
          })}
        </View>
      ) : (
        <Small>computing</Small>
      )}
    </View>
  );
}
