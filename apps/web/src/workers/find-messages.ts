import type { Like } from '@potter/core/mix';
import type { Paint } from '@potter/core/paint';

/** What the finder is asked: a colour, the paints there are, and what a substitute should share. It answers with the mixes found. */
export interface FindAsk {
  readonly hex: string;
  readonly paints: readonly Paint[];
  readonly like?: Like;
}
