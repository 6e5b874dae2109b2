import type { CellAsk, Cells, OpenBeside } from './cell';
import type { ColumnsBeside } from './columns-beside';
import type { Plate } from './develop';
import type { FirstLook } from './first-look';
import type { MotionMemory } from './motion-memory';
import type { PourScene } from './scene';
import type { Beside, Promised } from './share-out';

/** Somebody on another processor who pours what is poured here and then takes a part of the work on it. */
export interface Helper {
  /** Takes a first look at this, then pours it, and finds its cells after that; gives up what it poured before. */
  begin(what: HelpedWith): Help;
}

export interface HelpedWith {
  readonly scene: PourScene;
  /** Cells along the longer side of its grid, where not the usual. */
  readonly cells?: number;
  /** By what cells open in it, where any do. */
  readonly opens?: CellAsk;
  /** The look at it that somebody waits for: taken before it is poured. */
  readonly soon?: FirstLook;
}

/** Help with one pour. */
export interface Help extends Beside {
  /** Where its motions are kept, here as there. */
  readonly memory: MotionMemory;
  /** A first look at it, where one was asked for. */
  readonly soon: Promised<Plate>;
  /** Its cells, where they were asked for. */
  readonly cells: Promised<Cells>;
  /** Columns of a picture of it, and then its cells opened in them, once. */
  readonly columns: ColumnsBeside;
  readonly opened: OpenBeside;
}
