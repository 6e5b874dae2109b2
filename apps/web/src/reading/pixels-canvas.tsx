import { type CSSProperties, useEffect, useRef } from 'react';
import type { Pixels } from '@/workers/cut-messages';

/** Pixels as a picture. */
export function PixelsCanvas({
  pixels: { width, height, rgba },
  label,
  style,
}: {
  readonly pixels: Pixels;
  /** What it shows, for those who do not see it; none where that is told beside it. */
  readonly label?: string;
  readonly style: CSSProperties;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    // A copy: what came from a worker may be shared memory to the types.
    const image = new ImageData(new Uint8ClampedArray(rgba), width, height);
    canvas.current?.getContext('2d')?.putImageData(image, 0, 0);
  }, [width, height, rgba]);
  return (
    <canvas
      ref={canvas}
      width={width}
      height={height}
      {...(label === undefined ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
      style={{ display: 'block', ...style }}
    />
  );
}
