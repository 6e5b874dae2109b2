import type { Point } from '../surface/path';
import { fieldAt } from './field-at';
import type { Site } from './ground';

/** A blade's stroke: from where to where, how wide, how high above the ground it goes, and how long it lies on the film along its way. */
export interface Stroke {
  readonly fromMm: Point;
  readonly toMm: Point;
  readonly widthMm: number;
  readonly gapMm: number;
  readonly lengthMm: number;
}

/** The blade is a little bowed: its sides come after its middle by this part of its width. */
const BOW = 0.12;
/** What it carries it lays down over this length at its end, mm; and it is told at so many places a cell. */
const PILE_MM = 18;
const PER_CELL = 1;

/**
 * A strip of film under a blade, in lines along its way. Where the film is higher than the gap, half the gap stays (Couette: the blade drags
 * what is under it along, so it leaves half of what fits) and what is above is carried on and laid down at the end; lower film is not touched.
 */
export interface WipedStrip {
  /** Wet height at a place afterwards, m, in cells; undefined beside the strip. */
  readonly after: (x: number, y: number) => number | undefined;
  /** Where what lies at a place and level afterwards was before, x, y in cells and the level of then. Undefined where it lay as it lies. */
  readonly before: (
    x: number,
    y: number,
    z: number,
  ) => readonly [number, number, number] | undefined;
}

/** One line along the way. Heights in m, volumes in m · places. */
interface Line {
  /** Before, place by place; 0 off the face. */
  readonly h: Float32Array;
  /** What was above half the gap up to each place, one more than there are places. */
  readonly above: Float64Array;
  /** First and last place on the face. */
  readonly first: number;
  readonly last: number;
  /** How high what it laid down stands, and from which place on. */
  readonly pile: number;
  readonly pileFrom: number;
  /** Volume of the skin the blade left of what it first touched. */
  readonly skin: number;
}

/** Works out a stroke over a film as it stands, `h` by cell in m. */
export function wipe(h: Float32Array, site: Site, stroke: Stroke): WipedStrip | undefined {
  const { cellMm, originMm } = site;
  const [fx, fy] = [0, 1].map((axis) => (stroke.fromMm[axis]! + originMm[axis]!) / cellMm) as [
    number,
    number,
  ];
  const [tx, ty] = [0, 1].map((axis) => (stroke.toMm[axis]! + originMm[axis]!) / cellMm) as [
    number,
    number,
  ];
  const length = Math.hypot(tx - fx, ty - fy);
  if (length === 0) return undefined;
  const [ux, uy] = [(tx - fx) / length, (ty - fy) / length];
  const width = stroke.widthMm / cellMm;
  const bow = BOW * width;
  const gap = stroke.gapMm / 1000;
  const half = gap / 2;
  const contact = stroke.lengthMm / cellMm;
  const places = Math.max(2, Math.round(length * PER_CELL));
  const count = Math.max(1, Math.round(width * PER_CELL));
  const perPlace = length / places;
  const bowAt = (across: number) => bow * ((2 * across) / width) ** 2;
  const inside = (x: number, y: number) => {
    const i = Math.floor(y) * site.grid.nx + Math.floor(x);
    return x >= 0 && y >= 0 && x < site.grid.nx && y < site.grid.ny && site.inside[i] === 1;
  };
  /** A place's middle, in cells. */
  const placeAt = (along: number, across: number): [number, number] => [
    fx + (along - bowAt(across)) * ux - across * uy,
    fy + (along - bowAt(across)) * uy + across * ux,
  ];
  /** How thick the skin is so far along: what the blade still carries of what it first touched, gap/2 · (contact ÷ (contact + way))². */
  const skinAt = (way: number) => half * (contact / (contact + way)) ** 2;

  const lines = Array.from({ length: count }, (_, n): Line => {
    const across = ((n + 0.5) / count - 0.5) * width;
    const own = new Float32Array(places);
    const above = new Float64Array(places + 1);
    let first = places;
    let last = -1;
    let skin = 0;
    for (let k = 0; k < places; k++) {
      const [x, y] = placeAt((k + 0.5) * perPlace, across);
      if (!inside(x, y)) {
        above[k + 1] = above[k]!;
        continue;
      }
      first = Math.min(first, k);
      last = k;
      own[k] = fieldAt(h, site, x, y);
      const wiped = own[k]! > gap;
      above[k + 1] = above[k]! + (wiped ? own[k]! - half : 0);
      if (wiped) skin += skinAt((k + 0.5 - first) * perPlace);
    }
    const pileLength = Math.max(1, Math.round(PILE_MM / cellMm / perPlace));
    const pileFrom = Math.max(first, last + 1 - pileLength);
    const carried = above[places]!;
    return {
      h: own,
      above,
      first,
      last,
      pile: last >= pileFrom ? carried / (last + 1 - pileFrom) : 0,
      pileFrom,
      skin: Math.min(skin, carried),
    };
  });

  /** The line and place of a point in cells. */
  const find = (x: number, y: number) => {
    const across = (y - fy) * ux - (x - fx) * uy;
    if (Math.abs(across) >= width / 2) return undefined;
    const along = (x - fx) * ux + (y - fy) * uy + bowAt(across);
    const k = Math.floor(along / perPlace);
    const line = lines[Math.min(count - 1, Math.floor((across / width + 0.5) * count))]!;
    if (k < line.first || k > line.last) return undefined;
    return { line, k, along, across };
  };
  const keptOf = (height: number) => (height > gap ? half : height);

  return {
    after: (x, y) => {
      const found = find(x, y);
      if (!found) return undefined;
      const { line, k } = found;
      return keptOf(line.h[k]!) + (k >= line.pileFrom ? line.pile : 0);
    },
    before: (x, y, z) => {
      const found = find(x, y);
      if (!found) return undefined;
      const { line, k, along, across } = found;
      const was = line.h[k]!;
      const kept = keptOf(was);
      const piled = k >= line.pileFrom ? line.pile : 0;
      const level = z * (kept + piled);
      /** A place and height of what was above half the gap, by how much of it lay before. */
      const aboveAt = (volume: number, share: number): readonly [number, number, number] => {
        const at = placeOf(line.above, volume);
        const height = line.h[at]!;
        const [px, py] = placeAt((at + 0.5) * perPlace, across);
        return [px, py, height > 0 ? Math.min(1, (half + share * (height - half)) / height) : 1];
      };
      if (level > kept) {
        // In the pile: the lower in it the sooner it was taken up, the farther on the higher it lay.
        const share = (level - kept) / piled;
        const on = (k + 0.5 - line.pileFrom) / (line.last + 1 - line.pileFrom);
        const [from, all] = [line.skin, line.above[line.h.length]!];
        return aboveAt(from + share * (all - from), on);
      }
      if (was <= gap) return [x, y, was > 0 ? Math.min(1, level / was) : z];
      const start = line.first * perPlace;
      const skin = skinAt(along - start);
      if (level > half - skin) {
        // Of what the blade touched first: it thins along the way, and none of it is there twice.
        const share = (level - (half - skin)) / skin;
        const way = (along - start) / (contact + along - start);
        const whole = (length - start) / (contact + length - start);
        return aboveAt(Math.min(1, way / whole) * line.skin, share);
      }
      // Under the blade it went along by contact · ζ/(1 − ζ) and stayed as high.
      const zeta = 1 - Math.sqrt(Math.max(0, 1 - level / half));
      const from = along - (contact * zeta) / (1 - zeta);
      const at = Math.min(line.last, Math.max(line.first, Math.floor(from / perPlace)));
      const [px, py] = placeAt(Math.max(start, from), across);
      const height = line.h[at]!;
      return [px, py, height > 0 ? Math.min(1, level / height) : z];
    },
  };
}

/** The place in which a volume, summed from the first, is reached. */
function placeOf(above: Float64Array, volume: number): number {
  let low = 0;
  let high = above.length - 2;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (above[middle + 1]! > volume) high = middle;
    else low = middle + 1;
  }
  return low;
}
