import type { Pixels, TableModel } from './table';

/** Further from the table than so many of its deviations, and so many bytes at least, a pixel is something that lies on it. */
const OFF = 4.5;
const OFF_BYTES = 14;
/** Darker by no more than this, in the table's own colour, it is the piece's shade. */
const SHADE_TO = 0.4;
/** How far a pixel in the shade may stray from the table's colour, bytes. */
const SHADE_STRAYS = 16;

interface MaskSetting {
  /** What may be shade counts as the piece. */
  readonly shadeLies?: boolean;
  /** Parts of at least this share of the largest belong to it; 1, the usual, is the largest alone. */
  readonly leastPart?: number;
}

/**
 * The pixels a piece lies on: connected parts that are not the table, nor its shade on it. One byte a pixel in rows from the top, 1 where it is.
 */
export function pieceMask(
  { width, height, rgba }: Pixels,
  table: TableModel,
  { shadeLies = false, leastPart = 1 }: MaskSetting = {},
): Uint8Array {
  const lies = new Uint8Array(width * height);
  const limit = Math.max(OFF_BYTES, OFF * table.strays);
  const inShade = Math.max(SHADE_STRAYS, 2 * table.strays);
  const [seen, bare] = [new Float64Array(3), new Float64Array(3)];
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const i = y * width + x;
      let [off, dot, norm] = [0, 0, 0];
      for (let c = 0; c < 3; c++) {
        seen[c] = rgba[4 * i + c]!;
        bare[c] = Math.max(1, table.at(c, x, y));
        off += (seen[c]! - bare[c]!) ** 2;
        dot += seen[c]! * bare[c]!;
        norm += bare[c]! ** 2;
      }
      if (off <= limit * limit) continue;
      // The same colour in less light: all channels fall by one factor.
      const factor = dot / norm;
      let strays = 0;
      for (let c = 0; c < 3; c++) strays += (seen[c]! - factor * bare[c]!) ** 2;
      const shade = factor < 1 && factor > SHADE_TO && strays <= inShade * inShade;
      if (!shade || shadeLies) lies[i] = 1;
    }
  return large(lies, width, height, leastPart);
}

/** The parts of a mask that hang together and are large beside the largest, their holes left as they are. */
function large(mask: Uint8Array, width: number, height: number, leastPart: number): Uint8Array {
  const part = new Int32Array(width * height);
  const stack = new Int32Array(width * height);
  // How large each part is, px; the first is none.
  const sizes = [0];
  for (let start = 0; start < mask.length; start++) {
    if (!mask[start] || part[start]) continue;
    const id = sizes.length;
    let size = 0;
    let top = 0;
    stack[top++] = start;
    part[start] = id;
    while (top > 0) {
      const i = stack[--top]!;
      size++;
      const x = i % width;
      for (const j of [x > 0 ? i - 1 : -1, x < width - 1 ? i + 1 : -1, i - width, i + width])
        if (j >= 0 && j < mask.length && mask[j] && !part[j]) {
          part[j] = id;
          stack[top++] = j;
        }
    }
    sizes.push(size);
  }
  const least = Math.max(1, leastPart * sizes.reduce((most, size) => Math.max(most, size)));
  return Uint8Array.from(part, (id) => (sizes[id]! >= least ? 1 : 0));
}
