import { actOf } from './act';
import { type Columns } from './columns';
import { type ColumnsBeside, columnsByTwo } from './columns-beside';
import { cored } from './cored';
import type { Drilling } from './cores';
import type { FilmKernel } from './kernel';
import { Lattice, refine, traceAll } from './lattice';
import { at, within } from './progress';
import type { Pour } from './simulate';
import { strataOf } from './strata';
import { type View, viewOf } from './view';

/** Close together at the top, where light still gets through; below that as close as cells that turn the film over ask for. */
const WHOLE: Drilling = {
  heights: [
    1, 0.993, 0.985, 0.974, 0.96, 0.94, 0.915, 0.88, 0.835, 0.78, 0.71, 0.62, 0.5, 0.4, 0.3, 0.2,
    0.1, 0.04,
  ],
  halvings: 3,
  closer: 2,
  unlike: 1,
};
/** A larger picture shows more of what lies between cores, and closer ones are a smaller part of its time. Tuned: a third to a half more places. */
const LARGE: Drilling = { ...WHOLE, unlike: 0.65 };
/** Pixels along the longer side from which on a picture is large. */
const LARGE_PX = 700;

/** How closely a finished picture of so many pixels along its longer side is drilled through. */
export const wholeAt = (pixels: number): Drilling => (pixels < LARGE_PX ? WHOLE : LARGE);

/** For a picture that a finer one takes the place of: half the heights, and no closest cores. A mean ΔE00 of 2 to 3 off it at 512 px (three demo plans). */
export const MEANWHILE: Drilling = {
  heights: [1, 0.985, 0.96, 0.915, 0.835, 0.71, 0.5, 0.2],
  halvings: 2,
  closer: 1,
  unlike: 1,
};
/** Enough for a first look; without the closer cores what lies under a thin skin comes out in squares. */
export const FIRST_LOOK: Drilling = {
  heights: [1, 0.95, 0.8, 0.4],
  halvings: 1,
  closer: 1,
  unlike: 1,
};

/** Cells of the film between places of the first, coarse lattice; halved until it is a pixel at the surface. */
const COARSE_CELLS = 1.25;
/** Where strands finer than a cell are left, places of the first lattice lie so much closer: one between two of them would be lost. */
const FINE = 4;

/** So many pixels take as long to fill as it takes to find what to fill them with. */
const FILLED = 1.4e6;

/** A picture before its colours. */
export interface Plate extends Pick<View, 'width' | 'height' | 'filmUm' | 'cover' | 'on'> {
  /** Strata of each pixel's column; see `mixesOf` for the numbers. */
  readonly columns: Columns;
  /** See `ColumnsWritten`. */
  readonly theirsFrom?: number;
  readonly pxPerMm: number;
}

/**
 * Finds the strata of every pixel of a picture whose longer side has `pixels`, drilled through so closely.
 * Places whose corners agree are filled in, the others traced. A generator: it yields the share done.
 */
export function* develop(
  pour: Pour,
  kernel: FilmKernel,
  pixels: number,
  drilling: Drilling = wholeAt(pixels),
  beside?: ColumnsBeside,
): Generator<number, Plate> {
  const { widthMm, heightMm } = pour.scene;
  const perMm = pixels / Math.max(widthMm, heightMm);
  const width = Math.max(1, Math.round(widthMm * perMm));
  const height = Math.max(1, Math.round(heightMm * perMm));
  // A whole power of two, so that it can be halved; tied to the film, which knows nothing finer.
  const apart = COARSE_CELLS / (pour.scene.acts.some((act) => actOf(act).fine) ? FINE : 1);
  const coarse = 2 ** Math.max(1, Math.round(Math.log2(apart * pour.site.cellMm * perMm)));
  const view = yield* at(0, viewOf(pour, width, height));
  const strata = strataOf(pour.scene);
  const surface = new Lattice(view, strata, coarse);
  const found = FILLED / (FILLED + width * height);
  yield* within(traceAll(kernel, surface, coarse), 0, 0.1 * found);
  for (let step = coarse; step > 1; step /= 2)
    yield* within(
      refine(kernel, surface, step),
      (0.1 + 0.4 / step) * found,
      (0.1 + 0.8 / step) * found,
    );
  // Below the surface fewer places will do: what is seen through paint is seen blurred.
  const film = yield* within(cored(kernel, view, strata, drilling, coarse), 0.5 * found, found);
  const written = yield* within(columnsByTwo(view, strata, surface, film, beside), found, 1);
  const { cover, filmUm, on } = view;
  return { width, height, pxPerMm: perMm, ...written, filmUm, cover, on };
}
