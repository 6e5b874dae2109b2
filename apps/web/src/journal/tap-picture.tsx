import type { ReactNode } from 'react';
import { View } from 'react-native';
import { tapped } from '@/drawing/tapped';
import { TALLEST } from './straight';

/** A photograph a tap points at, with what is laid over it. */
export const TapPicture = ({
  url,
  label,
  onTap,
  children,
}: {
  readonly url: string | undefined;
  readonly label: string;
  readonly onTap: (at: [number, number]) => void;
  readonly children: ReactNode;
}) => (
  <View className="self-start">
    {url ? (
      <img
        src={url}
        alt={label}
        onClick={(event) => onTap(tapped(event))}
        style={{ display: 'block', maxWidth: '100%', maxHeight: TALLEST, cursor: 'crosshair' }}
      />
    ) : null}
    {children}
  </View>
);
