/** A patch of one colour: squares that touch one another by their sides. */
interface Patch {
  /** Its number in `patchOf`. */
  readonly id: number;
  readonly label: number;
  /** Squares it has. */
  readonly size: number;
  /** The first and the last column and row it reaches. */
  readonly left: number;
  readonly top: number;
  readonly right: number;
  readonly bottom: number;
}

/** All patches of a picture, and of each square, row-major, the number of its patch. */
export interface Patches {
  readonly patches: readonly Patch[];
  readonly patchOf: Int32Array;
}

/**
 * Parts a picture into patches of one colour (Hoshen and Kopelman 1976: rows from the top, what meets is one by union-find).
 * @param labels the colour of each square, row-major, `across` × `down`
 */
export function patchesOf(labels: Uint8Array, across: number, down: number): Patches {
  const patchOf = new Int32Array(labels.length);
  // Of each number the one it was found to be the same as; roots are their own.
  const same = new Int32Array(labels.length);
  const rootOf = (of: number): number => {
    let root = of;
    while (same[root]! !== root) root = same[root]!;
    // The next that asks has a shorter way.
    for (let at = of; at !== root;) [at, same[at]] = [same[at]!, root];
    return root;
  };
  for (let y = 0, i = 0; y < down; y++)
    for (let x = 0; x < across; x++, i++) {
      const label = labels[i]!;
      const west = x > 0 && labels[i - 1] === label;
      const north = y > 0 && labels[i - across] === label;
      if (west) patchOf[i] = patchOf[i - 1]!;
      else if (north) patchOf[i] = patchOf[i - across]!;
      else {
        patchOf[i] = i;
        same[i] = i;
      }
      if (!west || !north || patchOf[i - 1] === patchOf[i - across]) continue;
      const [a, b] = [rootOf(patchOf[i - 1]!), rootOf(patchOf[i - across]!)];
      same[Math.max(a, b)] = Math.min(a, b);
    }
  const found: { -readonly [K in keyof Patch]: Patch[K] }[] = [];
  // Numbers of patches in the order of their first squares; of a root its own, plus one.
  const numbered = new Int32Array(labels.length);
  for (let y = 0, i = 0; y < down; y++)
    for (let x = 0; x < across; x++, i++) {
      const root = rootOf(patchOf[i]!);
      const id = numbered[root]! - 1;
      const patch = found[id];
      if (patch) {
        patch.size++;
        if (x < patch.left) patch.left = x;
        if (x > patch.right) patch.right = x;
        patch.bottom = y;
        patchOf[i] = id;
      } else {
        patchOf[i] = found.length;
        numbered[root] = found.length + 1;
        found.push({
          id: found.length,
          label: labels[i]!,
          size: 1,
          left: x,
          right: x,
          top: y,
          bottom: y,
        });
      }
    }
  return { patches: found, patchOf };
}
