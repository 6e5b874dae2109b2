/** What is cut out of a dry skin or a piece. */
export const CUTS = { rect: 'Rectangle', oval: 'Oval or circle' } as const;
export type CutKind = keyof typeof CUTS;

/** A cut of a size, mm; a circle is an oval as wide as high. */
export interface CutSize {
  readonly kind: CutKind;
  readonly widthMm: number;
  readonly heightMm: number;
}

/** Rows of a cut that reach as far as one another: from column `left` to before `right`, from row `top` to before `low`, from its upper left. */
export interface Block {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly low: number;
}

/** A cut laid over squares `mm` wide, those whose middle lies within it, in as few blocks as there are reaches. */
export function blocksOf(size: CutSize, mm: number): Block[] {
  const blocks: Block[] = [];
  spansOf(size, mm).forEach(([first, last], row) => {
    const above = blocks.at(-1);
    if (above?.left === first && above.right === last + 1)
      blocks[blocks.length - 1] = { ...above, low: row + 1 };
    else blocks.push({ left: first, right: last + 1, top: row, low: row + 1 });
  });
  return blocks;
}

/** How far a cut reaches in each row of squares: first and last square, from its left. Rows from its top. */
export type Spans = readonly (readonly [first: number, last: number])[];

/** A cut laid over squares, row by row. */
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
