import type {
  Births,
  CellAsk,
  Cells,
  Columns,
  ColumnsAsk,
  HelpedWith,
  OpenAsk,
  Places,
  Plate,
  Pour,
} from '@potter/core/flow';

/** What a worker asks of the one that helps it. A pour takes the place of an earlier one. */
export type HelpAsk =
  | { readonly kind: 'begin'; readonly pour: number; readonly what: HelpedWith }
  /** What was begun is poured now; its motions lie in memory both read. */
  | {
      readonly kind: 'poured';
      readonly pour: number;
      readonly poured: Pour;
      readonly opens?: CellAsk;
    }
  | HelpTask
  /** Leaves off; a pour that is ready to be worked on stays so. */
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
  /** Parts of the work on it can be taken. */
  | { readonly kind: 'ready'; readonly pour: number; readonly cells?: Cells }
  | { readonly kind: 'failed'; readonly pour: number }
  | { readonly kind: 'done'; readonly id: number; readonly found: Births | Columns }
  | { readonly kind: 'lost'; readonly id: number }
  | { readonly kind: 'stopped' };
