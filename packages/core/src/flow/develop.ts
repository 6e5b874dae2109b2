import { type Columns } from './columns';
import { Columning } from './columning';
import type { FilmKernel } from './kernel';
import { latticesAt, refine, traceAll } from './lattice';
import type { Pour } from './simulate';
import { strataOf } from './strata';
import { type View, viewOf } from './view';

/**
 * Heights of the film columns are traced at, surface first, as shares of the wet height. Close together at the top, where light
 * still gets through.
 */
const HEIGHTS: readonly number[] = [1, 0.985, 0.96, 0.92, 0.86, 0.76, 0.6, 0.3];
/** Enough for a first look. */
export const FEW_HEIGHTS: readonly number[] = [1, 0.95, 0.8, 0.4];

/** Heights above this are not far below the surface. */
const NEAR = 0.9;

/** Cells of the film between places of the first, coarse lattice; halved until it is a pixel at the surface. */
const COARSE_CELLS = 1.25;

/** A picture before its colours. */
export interface Plate extends Pick<View, 'width' | 'height' | 'filmUm' | 'cover' | 'on'> {
  /** Strata of each pixel's column; see `mixesOf` for the numbers. */
  readonly columns: Columns;
  readonly pxPerMm: number;
}

/**
 * Finds the strata of every pixel of a picture whose longer side has `pixels`, from what is traced at these heights of the film.
 * Places whose corners agree are filled in, the others traced. A generator: it yields the share done.
 */
export function* develop(
  pour: Pour,
  kernel: FilmKernel,
  pixels: number,
  heights: readonly number[] = HEIGHTS,
): Generator<number, Plate> {
  const { widthMm, heightMm } = pour.scene;
  const perMm = pixels / Math.max(widthMm, heightMm);
  const width = Math.max(1, Math.round(widthMm * perMm));
  const height = Math.max(1, Math.round(heightMm * perMm));
  // A whole power of two, so that it can be halved; tied to the film, which knows nothing finer.
  const coarse = 2 ** Math.max(1, Math.round(Math.log2(COARSE_CELLS * pour.site.cellMm * perMm)));
  const view = yield* at(0, viewOf(pour, width, height));
  const strata = strataOf(pour.scene);
  const [surface] = latticesAt(heights.slice(0, 1), view, strata, coarse, 1);

  yield* within(traceAll(kernel, [surface!], coarse), 0, 0.15);
  for (let step = coarse; step > 1; step /= 2)
    yield* within(refine(kernel, [surface!], step), 0.15 + 0.2 / step, 0.15 + 0.4 / step);
  // Below the surface far fewer places will do, and the fewer the deeper: what is seen through paint is seen blurred.
  const unit = Math.max(1, coarse / 2);
  const steps = (2 * coarse) / unit;
  const below = latticesAt(heights.slice(1), view, strata, steps, unit);
  yield* within(traceAll(kernel, below, steps), 0.35, 0.6);
  yield* within(refine(kernel, below, steps), 0.6, 0.8);
  const near = below.filter(({ z }) => z > NEAR);
  if (steps > 2) yield* within(refine(kernel, near, steps / 2), 0.8, 0.95);
  const fine = new Columning(view, strata);
  yield* at(0.95, fine.all([surface!, ...below]));
  const { cover, filmUm, on } = view;
  return { width, height, pxPerMm: perMm, columns: fine.columns, filmUm, cover, on };
}

/** Work without a share of its own: told as one share all the while. */
function* at<T>(share: number, work: Generator<void, T>): Generator<number, T> {
  let step = work.next();
  while (!step.done) {
    yield share;
    step = work.next();
  }
  return step.value;
}

function* within(work: Generator<number, void>, from: number, to: number): Generator<number, void> {
  for (const share of work) yield from + (to - from) * share;
}
