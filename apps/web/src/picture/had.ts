import type { Contour, Outcome } from '@potter/core/flow';
import { type Preview, previewKey } from '@potter/core/plan';
import { lately } from '@/data/lately';

/** The picture of a pour as far as it has come. */
export interface Picture {
  readonly width: number;
  readonly height: number;
  readonly rgba: Uint8ClampedArray<ArrayBuffer>;
  readonly contours?: readonly Contour[];
}

/** A finished picture of a pour, and what came of it. */
export interface Had {
  readonly picture: Picture;
  readonly outcome: Outcome;
}

/** Finished pictures this device keeps: those of the plans one goes to and fro between. A fine one is 3 MB, and what is not sent yet needs room too. */
const MOST = 16;

/** Finished pictures on this device: a plan that is opened again is seen at once, and costs no battery. */
export const hadBefore = lately<Had>('potter-pictures', MOST);

/** Tells a finished picture from every other: what it is of, as what it is looked at, and its longer side, px. */
export const hadAs = (preview: Preview, view: string, pixels: number): string =>
  `${view} ${pixels} ${previewKey(preview)}`;
