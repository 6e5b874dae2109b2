import type { Point } from '../surface/path';
import type { AtOnce } from './at-once';
import { type Couette, couette } from './couette';
import { fieldAt } from './field-at';
import type { Site } from './ground';
import { noise } from './noise';

/** A blade's stroke: from where to where, how wide, how high above the ground it goes, and how long it lies on the film along its way. */
export interface Stroke {
  readonly fromMm: Point;
  readonly toMm: Point;
  readonly widthMm: number;
  readonly gapMm: number;
  readonly lengthMm: number;
  /** It lies on the paint by its own weight and rides lower where there is less: it touches everywhere. */
  readonly rides?: true;
}

/** Its sides ride up, over this part of its width each, to so many times the gap: no hand presses alike up to the edge (tuned). */
const TAPER = 0.18;
const SIDES_RIDE = 5;
/** The blade is a little bowed: its sides come after its middle by this part of its width (tuned). */
const BOW = 0.12;
/** What it carries it lays down over this length at its end, mm (tuned), as a mound: a parabola of volume 1 over 0..1, and what of it lies before a place. */
const PILE_MM = 24;
const mound = (t: number): number => 6 * t * (1 - t);
const moundBefore = (t: number): number => t * t * (3 - 2 * t);

/** Of what a riding tool takes up where it is set down so much is left along its way, the more and the less in streaks so broad, mm (tuned). */
const LEFT_BEHIND = 0.7;
const STREAKS = 0.4;
const STREAK_MM = 6;
const STREAK_SEED = 11;

/** What two lines beside each other say is one thing where it is no farther apart than this, in places and as a share of the height. */
const ALIKE_PLACES = 8;
const ALIKE = 0.25;

/** One line along the way. Heights in m, volumes in m · places. */
interface Line {
  /** How high the blade goes here. */
  readonly gap: number;
  /** Before, place by place; 0 off the face. */
  readonly h: Float32Array;
  /** What stays and what is carried on, up to each place: one more than there are places. */
  readonly stays: Float64Array;
  readonly above: Float64Array;
  /** First and last place on the face. */
  readonly first: number;
  readonly last: number;
  /** How high what it laid down stands on average, and from which place on. */
  readonly pile: number;
  readonly pileFrom: number;
  /** Volume of the skin a riding blade leaves on top of all it goes over, of what it was set down on; and how thick that begins, m. */
  readonly skin: number;
  readonly skinM: number;
  readonly couette: Couette;
}

/**
 * What a stroke does to a film, `h` by cell in m, reckoned in lines along its way. Where the film is higher than the gap, half the gap stays
 * (Couette: the blade drags what is under it along, so it leaves half of what fits) and what is above is carried on and laid down at the end;
 * lower film is not touched. A tool that rides on the paint leaves up to half its gap of all there is, and takes up half of what it is set down
 * on; that it leaves as a skin on top, thinner the farther it goes. Undefined for a stroke that goes nowhere.
 */
export function wipe(h: Float32Array, site: Site, stroke: Stroke): AtOnce | undefined {
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
  const gapAt = (across: number): number => {
    const t = Math.max(0, (Math.abs(across) / width - 0.5 + TAPER) / TAPER);
    return (stroke.gapMm / 1000) * (1 + (SIDES_RIDE - 1) * t * t);
  };
  const contact = stroke.lengthMm / cellMm;
  const places = Math.max(2, Math.round(length));
  const count = Math.max(1, Math.round(width));
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
  const { rides } = stroke;
  /** How much of a height stays where it was. */
  const staysOf = (gap: number, height: number, way: number): number => {
    if (rides) return Math.min(way < contact ? height / 2 : height, gap / 2);
    return height > gap ? gap / 2 : height;
  };

  /** Whether what stays there was dragged along. A riding tool has hold of no film thinner than what it leaves: it lays a skin on that. */
  const drags = (gap: number, height: number) => height > (rides ? gap / 2 : gap);

  const lines = Array.from({ length: count }, (_, n): Line => {
    const across = ((n + 0.5) / count - 0.5) * width;
    const gap = gapAt(across);
    const own = new Float32Array(places);
    const stays = new Float64Array(places + 1);
    const above = new Float64Array(places + 1);
    let draggedOn = 0;
    let first = places;
    let last = -1;
    let setOn = 0;
    for (let k = 0; k < places; k++) {
      const [x, y] = placeAt((k + 0.5) * perPlace, across);
      if (!inside(x, y)) {
        stays[k + 1] = stays[k]!;
        above[k + 1] = above[k]!;
        continue;
      }
      first = Math.min(first, k);
      last = k;
      own[k] = fieldAt(h, site, x, y);
      const way = (k + 0.5 - first) * perPlace;
      const kept = staysOf(gap, own[k]!, way);
      const dragged = drags(gap, own[k]!);
      if (dragged) draggedOn++;
      stays[k + 1] = stays[k]! + (dragged ? kept : 0);
      above[k + 1] = above[k]! + own[k]! - kept;
      if (way < contact) setOn = above[k + 1]!;
    }
    const skin = rides
      ? setOn *
        LEFT_BEHIND *
        (1 + STREAKS * noise((across * cellMm) / STREAK_MM, 0.5, 0.5, STREAK_SEED))
      : 0;
    // ∫ dx/(1 + x/contact) over its whole way is contact · ln(1 + way/contact).
    const whole = Math.max(1, (last + 1 - first) * perPlace);
    const skinM = skin / ((contact / perPlace) * Math.log(1 + whole / contact));
    const pileLength = Math.max(1, Math.round(PILE_MM / cellMm / perPlace));
    const pileFrom = Math.max(first, last + 1 - pileLength);
    const laid = Math.max(0, above[places]! - skin);
    const under = (stays[places]! / Math.max(1, draggedOn)) * (contact / perPlace);
    return {
      gap,
      h: own,
      stays,
      above,
      first,
      last,
      pile: last >= pileFrom ? laid / (last + 1 - pileFrom) : 0,
      pileFrom,
      skin: Math.min(skin, above[places]!),
      skinM,
      // A riding tool has but what it was set down on, and leaves most of that on top.
      couette: couette(under, stays[places]!, rides ? setOn - skin : laid),
    };
  });

  /** The two lines a point in cells lies between, how far from the first to the second, and how far along. */
  const find = (x: number, y: number) => {
    const across = (y - fy) * ux - (x - fx) * uy;
    if (Math.abs(across) >= width / 2) return undefined;
    const along = (x - fx) * ux + (y - fy) * uy + bowAt(across);
    const at = Math.min(count - 1, Math.max(0, (across / width + 0.5) * count - 0.5));
    const n = Math.floor(at);
    const place = along / perPlace;
    const on = ({ first, last }: Line) => place >= first && place < last + 1;
    const [one, other] = [lines[n]!, lines[Math.min(count - 1, n + 1)]!];
    if (!on(one) && !on(other)) return undefined;
    // Where only one of them is on the face here, that one tells.
    const both = [on(one) ? one : other, on(other) ? other : one] as const;
    return { both, share: at - n, place, across };
  };
  const wayTo = ({ first }: Line, place: number) => Math.max(0, place - first) * perPlace;
  const ridingSkin = ({ skinM }: Line, way: number) => skinM / (1 + way / contact);
  const keptOf = (line: Line, height: number, place: number) => {
    const way = wayTo(line, place);
    return staysOf(line.gap, height, way) + (rides ? ridingSkin(line, way) : 0);
  };
  /** How far through the pile a place is, 0..1. */
  const through = ({ pileFrom, last }: Line, place: number) =>
    Math.min(1, Math.max(0, (place - pileFrom) / (last + 1 - pileFrom)));
  const pileOf = (line: Line, place: number) => line.pile * mound(through(line, place));

  /** Where what lies so far along one line and so high was before: how far along it, in places, and the level of then. */
  const beforeOn = (line: Line, place: number, level: number): readonly [number, number] => {
    const { gap, above, skin, couette: under } = line;
    const was = heightAt(line, place);
    const way = wayTo(line, place);
    const stays = staysOf(gap, was, way);
    const kept = keptOf(line, was, place);
    const wholeLine = line.stays[places]!;
    const laidAlong = under.laidBy(wholeLine);
    /** Of what was carried on, by how much of it lay before, and how high in it. */
    const carried = (volume: number, share: number): readonly [number, number] => {
      const from = placeOf(above, volume);
      const height = heightAt(line, from);
      const below = staysOf(gap, height, wayTo(line, from));
      return [from, height > below ? (below + share * (height - below)) / height : 1];
    };
    /** Of what stays, so far along by volume, at a share of it. */
    const stayed = (volume: number, share: number): readonly [number, number] => {
      const from = placeOf(line.stays, volume);
      const height = heightAt(line, from);
      return [from, height > 0 ? (share * staysOf(gap, height, wayTo(line, from))) / height : 1];
    };
    if (level > kept) {
      // In the pile: the lower in it the sooner it was taken up, the farther on the higher it lay; last what went on past the end of the line.
      const piled = pileOf(line, place);
      const share = piled > 0 ? Math.min(1, (level - kept) / piled) : 1;
      const on = moundBefore(through(line, place));
      const all = above[places]! - skin;
      const rest = share * all - (all - laidAlong);
      if (rest < 0) return carried(skin + laidAlong + share * all, on);
      const short = under.whereLaid(rest);
      const top = under.topFrom(short);
      return stayed(wholeLine - short, top + on * (1 - top));
    }
    if (level > stays) {
      const whole = (line.last + 1 - line.first) * perPlace;
      const spent = Math.log(1 + way / contact) / Math.log(1 + whole / contact);
      return carried(Math.min(1, spent) * skin, (level - stays) / (kept - stays));
    }
    if (!drags(gap, was)) return [place, was > 0 ? level / was : 1];
    const share = stays > 0 ? level / stays : 1;
    const along = upTo(line.stays, place);
    const top = under.topFrom(along);
    if (share > top)
      return carried(skin + under.laidBy(along), (share - top) / Math.max(1e-12, 1 - top));
    return stayed(along - under.shift(share), share);
  };

  return {
    after: (x, y) => {
      const found = find(x, y);
      if (!found) return undefined;
      const [one, other] = found.both.map(
        (line) =>
          keptOf(line, heightAt(line, found.place), found.place) + pileOf(line, found.place),
      );
      return one! + (other! - one!) * found.share;
    },
    before: (x, y, z) => {
      const found = find(x, y);
      if (!found) return undefined;
      const { both, share, place, across } = found;
      const [one, other] = both.map((line) => {
        const stands = keptOf(line, heightAt(line, place), place) + pileOf(line, place);
        return beforeOn(line, place, z * stands);
      }) as [readonly [number, number], readonly [number, number]];
      // Lines beside each other tell about the same, but where one is wiped and the next is not: there the nearer one.
      const alike =
        Math.abs(one[0] - other[0]) < ALIKE_PLACES && Math.abs(one[1] - other[1]) < ALIKE;
      const part = alike ? share : share < 0.5 ? 0 : 1;
      const at = one[0] + (other[0] - one[0]) * part;
      const [px, py] = placeAt(at * perPlace, across);
      return [px, py, Math.min(1, Math.max(0, one[1] + (other[1] - one[1]) * part))];
    },
  };
}

/** Where along a line a volume, summed from the first place, is reached, in places. */
function placeOf(above: Float64Array, volume: number): number {
  let low = 0;
  let high = above.length - 2;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (above[middle + 1]! > volume) high = middle;
    else low = middle + 1;
  }
  const own = above[low + 1]! - above[low]!;
  return low + (own > 0 ? Math.min(1, Math.max(0, (volume - above[low]!) / own)) : 0.5);
}

/** What a line holds up to a place, straight between those. */
function upTo(sums: Float64Array, at: number): number {
  const place = Math.min(sums.length - 1, Math.max(0, at));
  const k = Math.min(sums.length - 2, Math.floor(place));
  return sums[k]! + (sums[k + 1]! - sums[k]!) * (place - k);
}

/** A line's height so far along, in places, straight between their middles. */
function heightAt({ h, first, last }: Line, at: number): number {
  const place = Math.min(last, Math.max(first, at - 0.5));
  const k = Math.floor(place);
  const next = Math.min(last, k + 1);
  return h[k]! + (h[next]! - h[k]!) * (place - k);
}
