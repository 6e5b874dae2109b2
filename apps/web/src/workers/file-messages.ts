import type { Opened, OpenedTechnique, ReadPalette, ReadTable } from '@potter/core/format';
import type { Parsed } from '@potter/core/quantity';
import type { ShelfItem } from '@potter/core/stock';
import type { Drawing, Shape } from '@potter/core/surface';

type Outline = Extract<Shape, { kind: 'outline' }>;

/** What the file worker may be asked. */
export type FileAsk =
  | { readonly read: 'plan'; readonly file: File }
  | { readonly read: 'technique'; readonly file: File }
  | { readonly read: 'palette'; readonly file: File }
  | { readonly read: 'drawing'; readonly file: File }
  | { readonly read: 'outline'; readonly rings: Drawing['rings']; readonly mmPerUnit: number }
  | { readonly read: 'outline'; readonly path: string; readonly mmPerUnit: number }
  | { readonly read: 'shelf'; readonly file: File; readonly shelf: readonly ShelfItem[] };

/** What it answers, by what was asked. */
export interface FileAnswer {
  readonly plan: Opened;
  readonly technique: OpenedTechnique;
  readonly palette: ReadPalette;
  readonly drawing: Parsed<Drawing>;
  readonly outline: Parsed<Outline>;
  readonly shelf: ReadTable;
}
