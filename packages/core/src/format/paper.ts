/** What drawings at true size are printed on. */
export const PAPERS = {
  a4: { name: 'A4', widthMm: 210, heightMm: 297 },
  letter: { name: 'US Letter', widthMm: 215.9, heightMm: 279.4 },
} as const;
export type PaperId = keyof typeof PAPERS;

/** Unprinted border of a page, and how far pages overlap, mm. */
export const PAGE_MARGIN_MM = 10;
export const PAGE_OVERLAP_MM = 10;
/** Strip at the foot of every sheet for its name and the ruler, mm. */
export const RULER_STRIP_MM = 14;

/** One sheet of a drawing: which it is, and what lies at the upper left of its printed part, mm. */
export interface Sheet {
  readonly column: number;
  readonly row: number;
  readonly xMm: number;
  readonly yMm: number;
}

/** Sheets a drawing of this size is printed on, row by row; each overlaps the one before. */
export function sheetsOf(widthMm: number, heightMm: number, paper: PaperId): Sheet[] {
  const across = PAPERS[paper].widthMm - 2 * PAGE_MARGIN_MM;
  // The lowest strip holds the ruler that checks the printer.
  const down = PAPERS[paper].heightMm - 2 * PAGE_MARGIN_MM - RULER_STRIP_MM;
  const count = (long: number, page: number) =>
    Math.max(1, Math.ceil((long - PAGE_OVERLAP_MM) / (page - PAGE_OVERLAP_MM)));
  return Array.from({ length: count(heightMm, down) }, (_, row) =>
    Array.from({ length: count(widthMm, across) }, (__, column) => ({
      column,
      row,
      xMm: column * (across - PAGE_OVERLAP_MM),
      yMm: row * (down - PAGE_OVERLAP_MM),
    })),
  ).flat();
}
