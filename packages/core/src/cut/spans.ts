/** What is cut out of a dry skin or a piece. */
export const CUTS = { rect: 'Rectangle', oval: 'Oval or circle' } as const;
export type CutKind = keyof typeof CUTS;

/** A cut of a size, mm; a circle is an oval as wide as high. */
export interface CutSize {
  readonly kind: CutKind;
  readonly widthMm: number;
  readonly heightMm: number;
}

/** How far a cut reaches in each row of squares: first and last square, from its left. Rows from its top. */
export type Spans = readonly (readonly [first: number, last: number])[];

/** A cut laid over squares `mm` wide: those whose middle lies within it. */
export function spansOf({ kind, widthMm, heightMm }: CutSize, mm: number): Spans {
  const across = Math.max(1, Math.round(widthMm / mm));
  const down = Math.max(1, Math.round(heightMm / mm));
  return Array.from({ length: down }, (_, row) => {
    if (kind === 'rect') return [0, across - 1] as const;
    const y = (2 * (row + 0.5)) / down - 1;
    const half = (across / 2) * Math.sqrt(1 - y * y);
    return [Math.ceil(across / 2 - half - 0.5), Math.floor(across / 2 + half - 0.5)] as const;
  });
}
