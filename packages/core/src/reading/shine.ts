import { deltaE2000 } from '../optics/delta-e';
import { hexToLab, xyzToLab } from '../optics/lab';
import { hexToLinear, linearToXyz, type Rgb } from '../optics/srgb';
import { OFF, UNPLANNED } from './labels';
import { apartIn, labAt, type Tiles } from './tiles';

/** More white light than this no lamp adds before all is burnt out, of all there is. */
const MOST = 0.4;
/** It grows and fades by no more than this from one square to the next. */
const STEP = 0.015;
/** How near a colour has to be with the shine added, ΔE00: the lamp puts it off by no more. */
const WITHIN = 6;
/** Without an edge so clear, ΔE 1976, the colour under a shine is the one beside it. */
const EDGE = 5;
/** Of its border, as far as no edge of paint cuts it off, a shine fades into planned colours along this part at least: tuned on made pictures. */
const FADES = 0.38;

/**
 * The same labels, with what lies under a lamp's reflection told as if it were not there. A smooth film adds white light to what is under it, more and less of
 * it from place to place but never by leaps, as paint does: so from squares that have a planned colour it is followed into those that have one with white
 * light added. What does not fade again into planned colours is no shine, but a blend that looks like one.
 * @param hexes the planned colours, in order
 */
export function throughShine(
  tiles: Tiles,
  labels: Uint8Array,
  hexes: readonly string[],
): Uint8Array {
  const { light } = tiles;
  const linear = hexes.map(hexToLinear);
  const labs = hexes.map(hexToLab);
  const out = labels.slice();
  // White light that is added to each square's colour, if its colour is what `out` says; and whether it was come to from beside it.
  const added = new Float32Array(labels.length);
  const followed = new Uint8Array(labels.length);
  const addedTo = (tile: number, of: number): number =>
    linear[of]!.reduce((sum, bare, c) => sum + light[3 * tile + c]! - bare, 0) / 3;
  const queue: number[] = [];
  for (let i = 0; i < labels.length; i++) {
    if (labels[i]! >= UNPLANNED) continue;
    added[i] = Math.max(0, addedTo(i, labels[i]!));
    queue.push(i);
  }
  for (let head = 0; head < queue.length; head++) {
    const i = queue[head]!;
    for (const j of besides(tiles, i)) {
      if (followed[j] || out[j] === OFF) continue;
      // What has a planned colour as it is needs no shine, unless one comes up to it.
      const plain = labels[j]! < UNPLANNED;
      if (plain && (!followed[i] || labels[j] === out[i])) continue;
      const lab = labAt(tiles, j);
      const edge = apartIn(tiles, i, j) > EDGE;
      let least = plain ? deltaE2000(lab, labs[labels[j]!]!) : WITHIN;
      for (let of = 0; of < linear.length; of++) {
        if (of !== out[i] && !edge) continue;
        const more = addedTo(j, of);
        if (more <= 0 || more > MOST || Math.abs(more - added[i]!) > STEP) continue;
        const bare = linear[of]!;
        const shone = xyzToLab(linearToXyz(bare.map((v) => v + more) as unknown as Rgb));
        const off = deltaE2000(lab, shone);
        if (off >= least) continue;
        if (!followed[j]) queue.push(j);
        least = off;
        out[j] = of;
        added[j] = more;
        followed[j] = 1;
      }
    }
  }
  return whatFades(tiles, labels, out, { added, followed });
}

/** What was followed stays where it fades; elsewhere the labels are as they were. */
function whatFades(
  tiles: Tiles,
  labels: Uint8Array,
  out: Uint8Array,
  { added, followed }: { readonly added: Float32Array; readonly followed: Uint8Array },
): Uint8Array {
  const seen = new Uint8Array(labels.length);
  for (let start = 0; start < labels.length; start++) {
    if (!followed[start] || seen[start]) continue;
    const part = [start];
    seen[start] = 1;
    // Sides of squares beyond which it was not followed: with no edge of paint between, and those where it has as good as faded. The piece's end is no edge.
    let [open, fading] = [0, 0];
    for (let head = 0; head < part.length; head++) {
      const i = part[head]!;
      open += 4;
      for (const j of besides(tiles, i)) {
        if (followed[j]) {
          open--;
          if (!seen[j]) part.push(j);
          seen[j] = 1;
        } else if (labels[j]! < UNPLANNED && Math.abs(added[j]! - added[i]!) < 2 * STEP) fading++;
        else if (labels[j] !== OFF && apartIn(tiles, i, j) > EDGE) open--;
      }
    }
    if (fading < FADES * open) for (const i of part) out[i] = labels[i]!;
  }
  return out;
}

/** The squares that share a side with one. */
function besides({ across, on }: Tiles, i: number): number[] {
  const x = i % across;
  const round = [x > 0 ? i - 1 : -1, x < across - 1 ? i + 1 : -1, i - across, i + across];
  return round.filter((j) => j >= 0 && j < on.length);
}
