import type { Spot } from './disc';
import type { Drive } from './grid';

/** A stretch of time in which one thing happens to the film. */
export interface Span {
  readonly s: number;
  /** What a second of it counts for in the progress told. */
  readonly felt: number;
  readonly driveAt: (t: number) => Drive;
  readonly longestS?: (t: number) => number;
  /** Adds to the film's fields of force for a frame, which are 0 before; `driveAt` says that there are some. */
  readonly forces?: (t: number, seconds: number) => void;
  /** Paint that arrives meanwhile. */
  readonly pours?: readonly Pours[];
  /** Undoes what it did to the film for as long as it lasts. */
  readonly ends?: () => void;
}

/** Paint arriving in a span: of one act, through one opening or several alike. */
export interface Pours {
  readonly source: number;
  /** When the last of it has left, s. */
  readonly untilS: number;
  readonly m3PerS: number;
  /** Fills the film to the ground where it stands; else it lies on what is there. */
  readonly core: boolean;
  /** How thick what arrives then is: its kinematic viscosity, m²/s. */
  readonly nuAt: (t: number) => number;
  /** How many steps a frame wants at the least, so that what is laid on its way lies evenly. */
  readonly leastSteps: (t: number, seconds: number) => number;
  /** Where its discs are, as many at any time, with the film as it is then. */
  readonly spotsAt: (t: number) => readonly Spot[];
  /** How long it may go on for in one frame while nothing flows, s: the more flows, the less far its disc goes in one. */
  readonly sweepsS: (t: number) => number;
  /** Adds to the film's source for a step that takes so long. */
  readonly feed: (t: number, seconds: number) => void;
  /** Mean height it adds at the middle of a disc of this radius, in cells, in so long, m. */
  readonly peakM: (r: number, seconds: number) => number;
}
