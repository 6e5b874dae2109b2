import { deltaE2000 } from '../optics/delta-e';
import { hexToLab, type Lab } from '../optics/lab';
import { PLANNED_WITHIN } from './labelled';
import { labAt, type Tiles } from './tiles';

/** It is mud where it is neither light nor dark and has hardly a hue: L*, and chroma. */
const MUD = { from: 22, to: 62, chroma: 12 };
/** Every so many squares across and down are looked at. */
const STEP = 3;

export interface Blends {
  /** What part of the piece is a colour nobody planned, and what part of it mud. */
  readonly unplanned: number;
  readonly mud: number;
}

/** @param planned colours as they are meant to be seen */
export function blendsOf(tiles: Tiles, planned: readonly string[]): Blends {
  const labs = planned.map(hexToLab);
  // A picture has far fewer colours than squares: each is judged once, to the nearest whole of L*, a* and b*.
  const judged = new Map<number, 'planned' | 'mud' | 'other'>();
  const judge = ([l, a, b]: Lab) => {
    const near: Lab = [Math.round(l), Math.round(a), Math.round(b)];
    const key = (near[0] * 512 + near[1] + 256) * 512 + near[2] + 256;
    let is = judged.get(key);
    if (!is) {
      if (labs.some((lab) => deltaE2000(near, lab) < PLANNED_WITHIN)) is = 'planned';
      else is = isMud(near, labs) ? 'mud' : 'other';
      judged.set(key, is);
    }
    return is;
  };
  let count = 0;
  let unplanned = 0;
  let mud = 0;
  for (let y = 0; y < tiles.down; y += STEP)
    for (let x = 0; x < tiles.across; x += STEP) {
      const tile = y * tiles.across + x;
      if (!tiles.on[tile]) continue;
      count++;
      const is = judge(labAt(tiles, tile));
      if (is === 'planned') continue;
      unplanned++;
      if (is === 'mud') mud++;
    }
  return count > 0 ? { unplanned: unplanned / count, mud: mud / count } : { unplanned: 0, mud: 0 };
}

/** A planned grey is no mud, nor what it makes with black and white: so near to one, ΔE00. */
const GREYISH = { chroma: 16, within: 26 };

/** Whether a colour nobody planned is mud, beside those that were. */
export const isMud = (own: Lab, planned: readonly Lab[]): boolean =>
  own[0] >= MUD.from &&
  own[0] <= MUD.to &&
  Math.hypot(own[1], own[2]) < MUD.chroma &&
  !planned.some(
    (lab) => Math.hypot(lab[1], lab[2]) < GREYISH.chroma && deltaE2000(own, lab) < GREYISH.within,
  );
