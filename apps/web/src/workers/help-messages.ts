import type {
  Births,
  Cells,
  Columns,
  ColumnsAsk,
  GrowingBuffer,
  HelpedWith,
  OpenAsk,
  Places,
  Plate,
} from '@potter/core/flow';

/** What a worker asks of the one that helps it. A pour takes the place of an earlier one. */
export type HelpAsk =
  | {
      readonly kind: 'pour';
      readonly pour: number;
      readonly what: HelpedWith;
      /** Where the motions of both are kept. */
      readonly buffer: GrowingBuffer;
    }
  | HelpTask
  /** Leaves off; what was poured to its end stays. */
  | { readonly kind: 'stop' };

/** Places to trace; which of the births each is, is known to whoever asks. */
export type WhereToTrace = Pick<Places, 'x' | 'y' | 'z' | 'count'>;

/** A part of the work on what has been poured. */
export type HelpTask =
  | { readonly kind: 'trace'; readonly id: number; readonly places: WhereToTrace }
  | { readonly kind: 'columns'; readonly id: number; readonly columns: ColumnsAsk }
  /** Cells, in the columns asked for last. */
  | { readonly kind: 'open'; readonly id: number; readonly open: OpenAsk };

export type HelpAnswer =
  | { readonly kind: 'soon'; readonly pour: number; readonly plate: Plate }
  | { readonly kind: 'poured'; readonly pour: number; readonly cells?: Cells }
  | { readonly kind: 'failed'; readonly pour: number }
  | { readonly kind: 'done'; readonly id: number; readonly found: Births | Columns }
  | { readonly kind: 'lost'; readonly id: number }
  | { readonly kind: 'stopped' };
