import type { Engine } from '../../flow/engine';
import { pourJob, type Told, workbench } from '../../flow/job';
import type { Look } from '../../flow/shine';
import { brief } from '../brief/brief';
import type { Plan } from '../document/schema';
import { pourAskOf, previewOf } from './preview';

/** Longer side of the largest picture that is computed, px: over 50 cm some 200 dots an inch. */
export const MOST_PX = 4096;

/** A picture for a print. */
export interface PrintAsk {
  readonly plan: Plan;
  readonly seed?: number;
  /** Its longer side, px. */
  readonly px: number;
  readonly look: Look;
}

export interface Print {
  readonly width: number;
  readonly height: number;
  /** Red, green, blue, alpha of each pixel. */
  readonly rgba: Uint8ClampedArray<ArrayBuffer>;
  /** Dots an inch where it is printed as large as the piece. */
  readonly dotsAnInch: number;
}

const MM_PER_INCH = 25.4;

/** Dots an inch where so many pixels are printed over so many mm. */
export const dotsAnInch = (px: number, mm: number): number => (px * MM_PER_INCH) / mm;

/** What share of the work the pour is, however large its picture. */
const POURED = 0.1;

/**
 * The finished picture of a plan's pour and nothing of its figures: those are the preview's, whatever its size. A generator: it yields the share done. The
 * largest take minutes and, while they do, 1.4 GB.
 */
export function* printOf(
  { plan, seed, px, look }: PrintAsk,
  engine: Engine,
): Generator<number, Print> {
  const ask = pourAskOf(previewOf(plan, brief(plan), seed));
  let doing: Extract<Told, { kind: 'doing' }>['doing'] = 'pouring';
  for (const told of pourJob(workbench(engine), { ...ask, pixels: [px], view: look }))
    if (typeof told === 'number')
      yield doing === 'pouring' ? POURED * told : POURED + (1 - POURED) * told;
    else if (told.kind === 'doing') ({ doing } = told);
    else if (told.kind === 'picture') {
      const { width, height, rgba } = told;
      const longMm = Math.max(ask.scene.widthMm, ask.scene.heightMm);
      return { width, height, rgba, dotsAnInch: dotsAnInch(Math.max(width, height), longMm) };
    }
  throw new RangeError('a pour tells its picture');
}
