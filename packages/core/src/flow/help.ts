import type { CellAsk, Cells, OpenBeside } from './cell';
import type { ColumnsBeside } from './columns-beside';
import type { Plate } from './develop';
import type { FirstLook } from './first-look';
import type { MotionMemory } from './motion-memory';
import type { PourScene } from './scene';
import type { Beside, Promised } from './share-out';
import type { Pour } from './simulate';

/** Somebody on another processor who takes a part of the work on what is poured here. */
export interface Helper {
  /** Is there for a pour that begins; gives up an earlier one. */
  begin(what: HelpedWith): Help;
}

export interface HelpedWith {
  readonly scene: PourScene;
  /** The look at it that somebody waits for: taken while it is poured. */
  readonly soon?: FirstLook;
}

/** Help with one pour. */
export interface Help extends Beside {
  /** Where its motions are kept: both read there. */
  readonly memory: MotionMemory;
  /** It is poured: this is it, as plain data, and by what cells open in it, where any do. They are found there then. */
  poured(pour: Pour, opens?: CellAsk): void;
  /** A first look at it, where one was asked for. */
  readonly soon: Promised<Plate>;
  /** Its cells, where they were asked for. */
  readonly cells: Promised<Cells>;
  /** Columns of a picture of it, and then its cells opened in them, once. */
  readonly columns: ColumnsBeside;
  readonly opened: OpenBeside;
}
