import type { Orientation } from '@potter/core/level';

/** Whatever tells how the phone lies. The level knows no other; what a source cannot do is absent. */
export interface TiltSource {
  /** Nothing until it has told something. */
  readonly read: () => Orientation | undefined;
  readonly subscribe: (listener: () => void) => () => void;
  /** Some browsers ask the artist first, and only at a press: whether they may be listened to. */
  readonly ask?: () => Promise<boolean>;
  /** Of a practice board: the phone on it lies turned half round, or not. */
  readonly turn?: (half: boolean) => void;
  /** Of a practice board: it stands as if so much had been put under it. */
  readonly levelled?: () => void;
}
