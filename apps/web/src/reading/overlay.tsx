import { MUD, OFF, UNPLANNED } from '@potter/core/reading';
import type { ReadAnswer } from '@/workers/read-messages';
import { type MouseEvent, useEffect, useRef } from 'react';
import type { Named } from './colour-words';

/** What can be laid over the piece, to see whether it was read right. */
export const OVERLAYS = [
  { value: 'colours', label: 'Colours' },
  { value: 'blends', label: 'Blends' },
  { value: 'calm', label: 'Calm' },
  { value: 'cells', label: 'Cells' },
] as const;
export type OverlayId = (typeof OVERLAYS)[number]['value'];

/** Tallest it is shown, px. */
const TALLEST = 420;
/** Squares are drawn so many px wide, so that rings of cells are smooth. */
const SQUARE_PX = 2;

type Rgb = readonly [number, number, number];
const PALE: Rgb = [240, 240, 238];
const DIM: Rgb = [196, 196, 194];
const INK: Rgb = [22, 22, 22];
/** So many stripes lie across a piece, wide enough to be seen as stripes on a phone. */
const STRIPES = 44;

const bytesOf = (hex: string): Rgb => [
  parseInt(hex.slice(1, 3), 16),
  parseInt(hex.slice(3, 5), 16),
  parseInt(hex.slice(5, 7), 16),
];

/** What a reading took each place for, drawn as a map of the piece. A tap tells where. */
export function Overlay({
  answer,
  colours,
  which,
  at,
  label,
  onTap,
}: {
  readonly answer: ReadAnswer;
  readonly colours: readonly Named[];
  readonly which: OverlayId;
  /** What was pointed at, as shares of its sides. */
  readonly at: readonly [number, number] | undefined;
  readonly label: string;
  readonly onTap: (event: MouseEvent<HTMLElement>) => void;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { across, down } = answer.read.map;
  useEffect(() => {
    if (!canvas.current) return;
    draw(canvas.current, answer, colours, which);
    if (at) point(canvas.current, at);
  }, [answer, colours, which, at]);
  return (
    <canvas
      ref={canvas}
      role="img"
      aria-label={label}
      onClick={onTap}
      style={{
        display: 'block',
        width: `min(100%, ${(TALLEST * across) / down}px)`,
        aspectRatio: `${across} / ${down}`,
        cursor: 'crosshair',
      }}
    />
  );
}

function draw(
  canvas: HTMLCanvasElement,
  { read: { map, cells } }: ReadAnswer,
  colours: readonly Named[],
  which: OverlayId,
): void {
  const { across, down, label, calm, mm } = map;
  canvas.width = across * SQUARE_PX;
  canvas.height = down * SQUARE_PX;
  const context = canvas.getContext('2d');
  if (!context) return;
  const planned = colours.map(({ hex }) => bytesOf(hex));
  const image = new ImageData(across, down);
  // A pixel at a time: there may be a million.
  const pixels = new Uint32Array(image.data.buffer);
  const stripe = Math.max(2, Math.round(Math.max(across, down) / STRIPES));
  /** Of each label where it is drawn, and on which side of a stripe. */
  const looks = [INK, PALE].map((strange) =>
    Uint32Array.from({ length: OFF }, (_, of) => pixelOf(lookOf(which, of, planned[of], strange))),
  ) as [Uint32Array, Uint32Array];
  const dim = pixelOf(DIM);
  for (let y = 0, i = 0; y < down; y++)
    for (let x = 0; x < across; x++, i++) {
      const of = label[i]!;
      if (of === OFF) continue;
      // Where nothing was planned it is striped: no colour of a piece is.
      const side = (x + y) % stripe < stripe / 2 ? 0 : 1;
      pixels[i] = which === 'calm' && !calm[i] ? dim : looks[side][of]!;
    }
  const small = new OffscreenCanvas(across, down);
  small.getContext('2d')?.putImageData(image, 0, 0);
  context.imageSmoothingEnabled = false;
  context.drawImage(small, 0, 0, canvas.width, canvas.height);
  if (which !== 'cells') return;
  context.lineWidth = SQUARE_PX;
  context.strokeStyle = `rgb(${INK.join(' ')})`;
  for (const { atMm, widthMm } of cells.islands) {
    context.beginPath();
    context.arc(
      (atMm[0] / mm) * SQUARE_PX,
      (atMm[1] / mm) * SQUARE_PX,
      (widthMm / mm / 2) * SQUARE_PX,
      0,
      2 * Math.PI,
    );
    context.stroke();
  }
}

/** What a place of a label looks like on a map. */
function lookOf(which: OverlayId, of: number, planned: Rgb | undefined, strange: Rgb): Rgb {
  const own = planned ?? strange;
  if (which === 'cells') return faded(own);
  if (which !== 'blends') return own;
  return of === MUD ? INK : of === UNPLANNED ? strange : DIM;
}

/** A colour as the four bytes of a pixel, which are red first wherever there are browsers. */
const pixelOf = ([r, g, b]: Rgb): number => ((255 << 24) | (b << 16) | (g << 8) | r) >>> 0;

/** A cross where somebody pointed, ink with a white casing. */
function point(canvas: HTMLCanvasElement, [x, y]: readonly [number, number]): void {
  const context = canvas.getContext('2d');
  if (!context) return;
  const arm = Math.max(canvas.width, canvas.height) / 30;
  const [px, py] = [x * canvas.width, y * canvas.height];
  for (const [colour, width] of [
    [PALE, 3],
    [INK, 1],
  ] as const) {
    context.strokeStyle = `rgb(${colour.join(' ')})`;
    context.lineWidth = (width * arm) / 8;
    context.beginPath();
    context.moveTo(px - arm, py);
    context.lineTo(px + arm, py);
    context.moveTo(px, py - arm);
    context.lineTo(px, py + arm);
    context.stroke();
  }
}

const faded = ([r, g, b]: Rgb): Rgb => [pale(r), pale(g), pale(b)];
const pale = (byte: number): number => Math.round(255 - 0.45 * (255 - byte));
