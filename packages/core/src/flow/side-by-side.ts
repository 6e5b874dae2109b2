import type { StrataAlong } from './act/define';

/**
 * Strata side by side across a stream. `upTo`: by bin, the share of the stream that all strata up to each one make; row-major, bins × `width`,
 * one row more than there are bins. Between one row and the next each share goes straight.
 */
export function sideBySide(upTo: Float32Array, width: number): StrataAlong {
  const last = width - 1;

  /** By how much a share `across` lies beyond a stratum that reaches so far, a part of the way from this row to the next. */
  function beyond(row: number, part: number, k: number, across: number): number {
    const at = row * width + k;
    const reach = upTo[at]!;
    return across - reach - part * (upTo[at + width]! - reach);
  }

  /** Which stratum lies at a share `across`: the first that reaches beyond it. They only grow along a row. */
  function stratum(bin: number, across: number): number {
    const row = Math.floor(bin);
    let low = 0;
    let high = last;
    while (low < high) {
      const k = (low + high) >> 1;
      if (beyond(row, bin - row, k, across) >= 0) low = k + 1;
      else high = k;
    }
    return low;
  }

  return {
    stratum,
    // Row by row: in each of them both the way and the borders of strata are straight, so where they cross is known exactly.
    between: (bin, across, toBin, toAcross, meet) => {
      const [along, aside] = [toBin - bin, toAcross - across];
      let k = stratum(bin, across);
      let row = Math.floor(bin);
      if (along < 0 && row === bin) row--;
      for (let share = 0; share < 1;) {
        const end = along === 0 ? 1 : Math.min(1, ((along > 0 ? row + 1 : row) - bin) / along);
        const endPart = bin + along * end - row;
        const endAcross = across + aside * end;
        for (;;) {
          let border = k;
          let after = k < last ? beyond(row, endPart, k, endAcross) : -1;
          if (after < 0) {
            if (k === 0) break;
            border = k - 1;
            after = beyond(row, endPart, border, endAcross);
            if (after >= 0) break;
          }
          const before = beyond(row, bin + along * share - row, border, across + aside * share);
          if (after !== before)
            share += (end - share) * Math.min(1, Math.max(0, before / (before - after)));
          k = border === k ? k + 1 : border;
          if (!meet(k, share)) return false;
        }
        share = end;
        row += along > 0 ? 1 : -1;
      }
      return true;
    },
  };
}
