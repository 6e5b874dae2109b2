import type { Met, StrataAlong, WayDown } from './act/define';

/** A row off the line between others by no more than this share of the stream tells nothing. */
const STRAIGHT = 5e-4;

/**
 * Strata side by side across a stream. `upTo`: by bin, the share of the stream that all strata up to each one make; row-major, bins × `width`,
 * one row more than there are bins. Between one row and the next each share goes straight; rows so told by others are left out, for a way may cross
 * a hundred.
 */
export function sideBySide(upTo: Float32Array, width: number): StrataAlong {
  const last = width - 1;
  const { bins, sectionOf } = sections(upTo, width);

  /** How far through a section a bin is, 0..1. */
  const part = (section: number, bin: number): number =>
    (bin - bins[section]!) / (bins[section + 1]! - bins[section]!);

  /** By how much a share `across` lies beyond a stratum that reaches so far, a part of the way through a section. */
  function beyond(section: number, through: number, k: number, across: number): number {
    const reach = upTo[bins[section]! * width + k]!;
    return across - reach - through * (upTo[bins[section + 1]! * width + k]! - reach);
  }

  /** Which stratum lies at a share `across`: the first that reaches beyond it. They only grow along a row. */
  function stratum(bin: number, across: number): number {
    const section = sectionOf[Math.floor(bin)]!;
    const through = part(section, bin);
    let low = 0;
    let high = last;
    while (low < high) {
      const k = (low + high) >> 1;
      if (beyond(section, through, k, across) >= 0) low = k + 1;
      else high = k;
    }
    return low;
  }

  /**
   * What begins between a point of a way and the next, section by section: in each of them both the way and the borders of strata are straight, so where
   * they cross is known exactly. @returns how many are met by now
   */
  function cross(way: WayDown, from: number, met: Met, found: number): number {
    const [bin, across, depth] = [way.bin[from]!, way.across[from]!, way.depth[from]!];
    const [along, aside] = [way.bin[from + 1]! - bin, way.across[from + 1]! - across];
    const down = way.depth[from + 1]! - depth;
    let k = stratum(bin, across);
    let section = sectionOf[Math.floor(bin)]!;
    if (along < 0 && bins[section] === bin) section--;
    for (let share = 0; share < 1;) {
      const endBin = along > 0 ? bins[section + 1]! : bins[section]!;
      const end = along === 0 ? 1 : Math.min(1, (endBin - bin) / along);
      const endPart = part(section, bin + along * end);
      const endAcross = across + aside * end;
      for (;;) {
        let border = k;
        let after = k < last ? beyond(section, endPart, k, endAcross) : -1;
        if (after < 0) {
          if (k === 0) break;
          border = k - 1;
          after = beyond(section, endPart, border, endAcross);
          if (after >= 0) break;
        }
        const now = part(section, bin + along * share);
        const before = beyond(section, now, border, across + aside * share);
        if (after !== before)
          share += (end - share) * Math.min(1, Math.max(0, before / (before - after)));
        k = border === k ? k + 1 : border;
        if (found === met.strata.length) return found;
        met.strata[found] = k;
        met.depth[found++] = depth + down * share;
      }
      share = end;
      section += along > 0 ? 1 : -1;
    }
    return found;
  }

  return {
    stratum,
    along: (way, met) => {
      let found = 0;
      for (let point = 1; point < way.count; point++) found = cross(way, point - 1, met, found);
      return found;
    },
  };
}

/** Where straight sections of rows begin and the last one ends, and in which each bin lies. */
function sections(upTo: Float32Array, width: number) {
  const rows = upTo.length / width;
  const bins = [0];
  const sectionOf = new Uint16Array(rows);
  for (let row = 1; row < rows; row++) {
    const from = bins.at(-1)!;
    if (row > from + 1 && !straight(upTo, width, from, row)) bins.push(row - 1);
    sectionOf[row] = bins.length - 1;
  }
  // A bin belongs to the section it begins.
  bins.forEach((bin, section) => (sectionOf[bin] = section));
  return { bins: Int32Array.from([...bins, rows - 1]), sectionOf };
}

/** Whether all rows between two lie on a line between them. */
function straight(upTo: Float32Array, width: number, from: number, to: number): boolean {
  for (let row = from + 1; row < to; row++) {
    const share = (row - from) / (to - from);
    for (let k = 0; k < width; k++) {
      const first = upTo[from * width + k]!;
      const line = first + share * (upTo[to * width + k]! - first);
      if (Math.abs(upTo[row * width + k]! - line) > STRAIGHT) return false;
    }
  }
  return true;
}
