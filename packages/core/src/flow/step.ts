import type { Circulation } from './circulation';
import type { Disc } from './disc';
import type { FrameSeen } from './frame-seen';
import type { Over } from './margin';
import type { Motion } from './motion';
import type { Scraped, Taken } from './taken';

/**
 * One thing that happened to the film, as plain data: whoever has it finds the way back, see `wayBack`. A frame is what has a motion; any other
 * step was done at once by an act, and that act's definition knows its way back from `did`.
 */
export interface Step<D = unknown> {
  /** What it counts for in the progress told, in the weighted seconds of its act. */
  readonly weight: number;
  /** How long it took; nothing where it happened at once. */
  readonly seconds?: number;
  /** How the film moved, where it did: memory that may be used again once the pour is given up. It may be put into less (see `halve`). */
  motion?: Motion;
  /** What went round in the film beside that. */
  readonly round?: Circulation;
  /** Where paint came down meanwhile, stream by stream. */
  readonly met?: readonly Met[];
  /** Which of the scene's acts did it at once, and what its way back asks for. */
  readonly source?: number;
  readonly did?: D;
  /** Of which acts paint came down meanwhile, and what share of each had left by the end; see `Spot`. */
  readonly left?: readonly { readonly source: number; readonly s: number }[];
  /** What went over the edge meanwhile. */
  readonly over?: Over;
  /** What was taken off the face. */
  readonly taken?: Taken;
  /** What was taken off the sides. */
  readonly scraped?: Scraped;
}

/** One disc of a frame: of which act, where, and what of the film it asks for on the way back. */
export interface Met extends Pick<FrameSeen, 'h'> {
  readonly source: number;
  readonly disc: Disc;
}
