import { areaSums, sumWithin, type Tiles } from '../reading';

/**
 * Where a calm place is a patch: as wide and as high as `sideMm` at least, so that the eye falls into it. A byte a square, 1 where it is: what is calm,
 * opened by a square of that side (Serra 1982).
 */
export function flatPatchesOf(
  calm: Uint8Array,
  { across, down, mm }: Tiles,
  sideMm: number,
): Uint8Array {
  const side = Math.max(1, Math.round(sideMm / mm));
  // A square of squares that is calm all over is told by its upper left.
  const fits = new Uint8Array(across * down);
  const calms = areaSums(across, down, (i) => calm[i]!);
  for (let y = 0; y + side <= down; y++)
    for (let x = 0; x + side <= across; x++)
      if (sumWithin(calms, across, [x, x + side], [y, y + side]) === side * side)
        fits[y * across + x] = 1;
  const begun = areaSums(across, down, (i) => fits[i]!);
  const patches = new Uint8Array(across * down);
  for (let y = 0; y < down; y++)
    for (let x = 0; x < across; x++)
      if (
        sumWithin(
          begun,
          across,
          [Math.max(0, x - side + 1), x + 1],
          [Math.max(0, y - side + 1), y + 1],
        ) > 0
      )
        patches[y * across + x] = 1;
  return patches;
}
