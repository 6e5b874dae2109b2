import type { FieldRead } from '@potter/core/card';

/** A photograph of opacity cards; what their printed black sends back, where that was measured. */
export interface CardAsk {
  readonly picture: Blob;
  readonly black?: number | undefined;
}
/** Field by field from the top. */
export type CardAnswer = readonly FieldRead[];
