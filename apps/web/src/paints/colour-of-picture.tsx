import { evened, type Evener, EVENERS, meanColour, spotWithin } from '@potter/core/optics';
import { trim } from '@potter/core/quantity';
import { type PointerEvent, useEffect, useRef, useState } from 'react';
import { View } from 'react-native';
import { pickFile } from '@/data/files';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { Failed } from '@/ui/state';
import { useTokens } from '@/ui/tokens';
import { Body, Small } from '@/ui/type';

/** No side of the picture is drawn longer than this: a finger is no finer. */
const MOST_PX = 900;
/** A tap means the colour of so much round it, as a share of the longer side. */
const SPOT = 0.012;
/** An arrow key moves the point by this share of the picture. */
const KEY_STEP = 0.02;
/** Less sure than this, ΔE, there is something to be done about it. */
const UNSURE = 6;

interface Point {
  readonly x: number;
  readonly y: number;
}
type Taps = 'colour' | 'evener';

/** A picture of a swatch or a tube: a tap on it is the colour, a second one on something without colour evens the light. */
export function ColourOfPicture({ onColour }: { readonly onColour: (hex: string) => void }) {
  const [picture, setPicture] = useState<ImageBitmap>();
  const [fault, setFault] = useState<string>();
  const [means, setMeans] = useState<Taps>('colour');
  const [as, setAs] = useState<Evener>('neutral');
  const [points, setPoints] = useState<Partial<Record<Taps, Point>>>({});
  /** How far off the colour may be, ΔE2000. */
  const [within, setWithin] = useState<number>();
  const canvas = useRef<HTMLCanvasElement>(null);
  const { ink, raised } = useTokens();
  useEffect(() => {
    if (canvas.current && picture) canvas.current.getContext('2d')?.drawImage(picture, 0, 0);
  }, [picture]);

  const choose = async () => {
    const file = await pickFile('image/*', 'Picture of the paint');
    if (!file) return;
    const read = await smaller(file).catch(() => undefined);
    setFault(
      read ? undefined : 'This file is no picture that can be read here: take a JPEG or PNG.',
    );
    if (!read) return;
    setPicture(read);
    setPoints({});
    setWithin(undefined);
    setMeans('colour');
  };
  const spotAt = (at: Point): ImageData | undefined => {
    const { current } = canvas;
    if (!current) return undefined;
    const r = Math.max(2, Math.round(SPOT * Math.max(current.width, current.height)));
    const [x, y] = [Math.round(at.x * current.width), Math.round(at.y * current.height)];
    return current
      .getContext('2d', { willReadFrequently: true })
      ?.getImageData(x - r, y - r, 2 * r + 1, 2 * r + 1);
  };
  const tell = (now: typeof points, evener: Evener) => {
    const spot = now.colour && spotAt(now.colour);
    const reference = now.evener && spotAt(now.evener);
    if (!spot) return;
    const hex = meanColour(spot.data);
    setWithin(spotWithin(spot.data, spot.width, reference !== undefined));
    onColour(reference ? evened(hex, meanColour(reference.data), evener) : hex);
  };
  const tap = (x: number, y: number) => {
    const within = (n: number) => Math.min(1, Math.max(0, n));
    const next = { ...points, [means]: { x: within(x), y: within(y) } };
    setPoints(next);
    tell(next, as);
  };
  const tapped = (event: PointerEvent<HTMLElement>) => {
    const { left, top, width, height } = event.currentTarget.getBoundingClientRect();
    tap((event.clientX - left) / width, (event.clientY - top) / height);
  };
  return (
    <View className="gap-2">
      <Button
        className="self-start"
        label={picture ? 'Another picture' : 'Take or choose a picture'}
        onPress={() => void choose()}
      />
      {fault ? <Failed what="No colour was taken." why={fault} /> : null}
      {picture ? (
        <>
          <Choice<Taps>
            label="A tap shows"
            value={means}
            options={[
              { value: 'colour', label: 'The colour' },
              { value: 'evener', label: 'Something white or grey' },
            ]}
            onChange={setMeans}
          />
          {means === 'evener' ? (
            <Choice<Evener>
              label="It is"
              value={as}
              options={Object.entries(EVENERS).map(([value, { name }]) => ({
                value: value as Evener,
                label: name,
              }))}
              onChange={(next) => {
                setAs(next);
                tell(points, next);
              }}
            />
          ) : null}
          <div
            role="application"
            tabIndex={0}
            aria-label="The picture: tap it, or move the point with the arrow keys"
            onPointerUp={tapped}
            onKeyDown={(event) => {
              const by = KEYS[event.key];
              if (!by) return;
              event.preventDefault();
              const { x, y } = points[means] ?? { x: 0.5, y: 0.5 };
              tap(x + by[0] * KEY_STEP, y + by[1] * KEY_STEP);
            }}
            style={{ position: 'relative', alignSelf: 'stretch', touchAction: 'manipulation' }}
          >
            <canvas
              ref={canvas}
              width={picture.width}
              height={picture.height}
              style={{ display: 'block', width: '100%', height: 'auto' }}
            />
            {Object.entries(points).map(([of, at]) => (
              <div
                key={of}
                aria-hidden
                style={{
                  position: 'absolute',
                  left: `calc(${at.x * 100}% - 12px)`,
                  top: `calc(${at.y * 100}% - 12px)`,
                  width: 24,
                  height: 24,
                  borderRadius: of === 'colour' ? 12 : 0,
                  border: `2px solid ${ink}`,
                  outline: `2px solid ${raised}`,
                  pointerEvents: 'none',
                }}
              />
            ))}
          </div>
          {within === undefined ? null : (
            <Body>
              {`The colour is right to about ΔE ${trim(within, 0)}${within > UNSURE ? ': show something white or grey, or a place that is more even.' : '.'}`}
            </Body>
          )}
          <Small>
            {points.evener
              ? 'The light is evened by the square.'
              : 'Lamps tint a picture: if paper, a label or a grey card is in it, show where.'}
          </Small>
        </>
      ) : null}
    </View>
  );
}

const KEYS: Readonly<Record<string, readonly [x: number, y: number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

async function smaller(file: Blob): Promise<ImageBitmap> {
  const whole = await createImageBitmap(file);
  const scale = Math.min(1, MOST_PX / Math.max(whole.width, whole.height));
  if (scale === 1) return whole;
  const side = (px: number) => Math.max(1, Math.round(px * scale));
  const small = await createImageBitmap(whole, {
    resizeWidth: side(whole.width),
    resizeHeight: side(whole.height),
    resizeQuality: 'medium',
  });
  whole.close();
  return small;
}
