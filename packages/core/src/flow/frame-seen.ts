import type { Patch } from './field-at';
import type { Motion } from './motion';

/** A frame as what pours in it meets it again on the way back. */
export interface FrameSeen {
  readonly motion: Motion;
  /** Wet height near the disc at its beginning and its end, m; only where a stream lies on what is there. */
  readonly h?: readonly [Patch, Patch];
}
