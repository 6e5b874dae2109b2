import {
  boxOf,
  type Corners,
  type EvenedBy,
  homographyOf,
  type Place,
  type Rings,
  through,
} from '@potter/core/photograph';
import type { Photograph as Taken } from '@potter/core/piece';
import type { Plan } from '@potter/core/plan';
import { ringsInBox, shapeOf } from '@potter/core/surface';
import { useQuery } from '@tanstack/react-query';
import { aside } from '@/data/aside';
import { pictureOf } from '@/data/pictures';
import type { Found, SquareAsk, Squared } from '@/workers/square-messages';

const worker = () => new Worker(new URL('../workers/square.worker.ts', import.meta.url));

/** A squared picture's longer side, px. */
const PX = 960;

/** A plan's outline, wherever the box round it lies; undefined without a plan. */
export const outlineOf = (plan: Plan | undefined): Rings | undefined =>
  plan && ringsInBox(plan.surface.shape);

/** A plan's own outline as rings of places between these corners, as shares of a photograph's sides; four straight sides without a plan. */
export function outlineBetween(corners: Corners, plan: Plan | undefined): readonly Place[][] {
  const onto = homographyOf(boxOf(1, 1), corners);
  const outline = outlineOf(plan);
  if (!onto || !outline) return [[...corners]];
  return outline.map((ring) => ring.map((place) => through(onto, place)));
}

/** Looks for the piece in a photograph; undefined where nothing stands out from the table. */
export const findPiece = (
  picture: Blob,
  outline: Rings | undefined,
): Promise<Corners | undefined> =>
  aside<Found>(worker(), { kind: 'find', picture, outline } satisfies SquareAsk);

/** How wide a piece is for its height: by its plan, else as it looks. */
function aspectOf(plan: Plan | undefined, corners: Corners, photo = 1): number {
  if (plan) {
    const { widthMm, heightMm } = shapeOf(plan.surface.shape).bounds(plan.surface.shape);
    return widthMm / heightMm;
  }
  const side = (a: number, b: number) =>
    Math.hypot((corners[b]![0] - corners[a]![0]) * photo, corners[b]![1] - corners[a]![1]);
  return (side(0, 1) + side(3, 2)) / Math.max(1e-6, side(0, 3) + side(1, 2));
}

export interface SquaredPicture {
  readonly url: string;
  readonly light: EvenedBy;
}

/** A photograph of which the corners are known, squared up; undefined till it is, and where they are not known. */
export const useSquared = (
  { picture, corners, neutral }: Partial<Pick<Taken, 'picture' | 'corners' | 'neutral'>>,
  plan: Plan | undefined,
): SquaredPicture | undefined =>
  useQuery({
    queryKey: ['squared', picture, corners, neutral, plan?.surface.shape],
    enabled: picture !== undefined && corners !== undefined,
    staleTime: Infinity,
    queryFn: () => square(picture!, corners!, neutral, plan),
  }).data ?? undefined;

async function square(
  picture: string,
  corners: Corners,
  neutral: Taken['neutral'],
  plan: Plan | undefined,
): Promise<SquaredPicture | null> {
  const blob = await pictureOf(picture);
  const image = await createImageBitmap(blob);
  const aspect = aspectOf(plan, corners, image.width / image.height);
  image.close();
  const [width, height] = aspect > 1 ? [PX, PX / aspect] : [PX * aspect, PX];
  const ask: SquareAsk = {
    kind: 'square',
    picture: blob,
    corners,
    neutral,
    width: Math.round(width),
    height: Math.round(height),
  };
  const made = await aside<Squared>(worker(), ask);
  if (!made) return null;
  const canvas = new OffscreenCanvas(made.width, made.height);
  // A copy: what came from a worker may be shared memory to the types.
  const data = new ImageData(new Uint8ClampedArray(made.rgba), made.width, made.height);
  canvas.getContext('2d')?.putImageData(data, 0, 0);
  return { url: URL.createObjectURL(await canvas.convertToBlob()), light: made.light };
}
