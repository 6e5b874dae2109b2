import type { Births, Cells, GrowingBuffer, HelpedWith, Places } from '@potter/core/flow';

/** What a worker asks of the one that helps it. A pour takes the place of an earlier one. */
export type HelpAsk =
  | {
      readonly kind: 'pour';
      readonly pour: number;
      readonly what: HelpedWith;
      /** Where the motions of both are kept. */
      readonly buffer: GrowingBuffer;
    }
  | { readonly kind: 'trace'; readonly id: number; readonly places: Places }
  /** Leaves off; what was poured to its end stays. */
  | { readonly kind: 'stop' };

export type HelpAnswer =
  | { readonly kind: 'poured'; readonly pour: number; readonly cells?: Cells }
  | { readonly kind: 'failed'; readonly pour: number }
  | { readonly kind: 'traced'; readonly id: number; readonly births: Births }
  | { readonly kind: 'lost'; readonly id: number }
  | { readonly kind: 'stopped' };
