import { createElement, useEffect, useRef, useState } from 'react';
import { Image, View } from 'react-native';
import { drawPicture } from './draw-picture';
import type { Picture as Pixels } from './had';

interface Props {
  readonly picture: Pixels | undefined;
  readonly widthMm: number;
  readonly heightMm: number;
  /** Said of it. */
  readonly label: string;
  readonly mat: string;
  /** Tallest it may become, px. */
  readonly mostHeight?: number;
  /** Shown in its place, from where. */
  readonly instead?: string | undefined;
  readonly spot?: readonly [number, number];
  /** A tap on it; the same can be said in numbers elsewhere. */
  readonly onSpot?: (xMm: number, yMm: number) => void;
}

/** Mat around the picture, px. */
const MAT = 12;

/** A picture of the surface in its true proportion on the mat. */
export function Picture({
  picture,
  widthMm,
  heightMm,
  label,
  mat,
  mostHeight = 480,
  instead,
  spot,
  onSpot,
}: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [room, setRoom] = useState(0);
  const scale = Math.min((room - 2 * MAT) / widthMm, (mostHeight - 2 * MAT) / heightMm);
  const width = Math.max(0, Math.round(widthMm * scale));
  const height = Math.max(0, Math.round(heightMm * scale));
  useEffect(() => {
    if (canvas.current && picture) drawPicture(canvas.current, picture);
    // The canvas is there only once there is room for it.
  }, [picture, width]);
  const click = ({ nativeEvent: { offsetX, offsetY } }: { readonly nativeEvent: MouseEvent }) =>
    onSpot?.(
      Math.min(widthMm, Math.max(0, offsetX / scale)),
      Math.min(heightMm, Math.max(0, offsetY / scale)),
    );
  return (
    <View
      onLayout={(e) => setRoom(e.nativeEvent.layout.width)}
      className="items-center"
      style={{ backgroundColor: mat, padding: MAT, minHeight: 120 }}
    >
      {width > 0 ? (
        <View style={{ width, height }}>
          {createElement('canvas', {
            ref: canvas,
            role: 'img',
            'aria-label': label,
            onClick: click,
            style: { width, height, display: 'block' },
          })}
          {instead === undefined ? null : (
            <Image
              source={{ uri: instead }}
              resizeMode="stretch"
              style={{
                position: 'absolute',
                left: 0,
                top: 0,
                width,
                height,
              }}
            />
          )}
          {spot ? (
            <View
              aria-hidden
              style={{
                position: 'absolute',
                pointerEvents: 'none',
                left: spot[0] * scale - 9,
                top: spot[1] * scale - 9,
                width: 18,
                height: 18,
                borderWidth: 2,
                borderColor: '#ffffff',
                borderRadius: 9,
                boxShadow: '0 0 0 2px #161616, inset 0 0 0 1px #161616',
              }}
            />
          ) : null}
        </View>
      ) : null}
    </View>
  );
}
