import type { Reading } from '@potter/core/scale';

/** Whatever tells what the scale reads. The weigh-along knows no other; what a source cannot do is absent. */
export interface ScaleSource {
  /** It shows multiples of this, g. */
  readonly stepG: number;
  readonly read: () => Reading | { readonly kind: 'unread' };
  readonly subscribe: (listener: () => void) => () => void;
  /** Presses its tare button. */
  readonly tare?: () => void;
  /** Says what it reads: its display is before the artist, not before us. */
  readonly enter?: (g: number | undefined) => void;
  /** Paint runs on it while this is open, faster the longer, as from a bottle that is tipped. */
  readonly spout?: (open: boolean) => void;
}
