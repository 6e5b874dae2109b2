import { contours } from 'd3-contour';
import { polygonArea, polygonCentroid, polygonHull, polygonLength } from 'd3-polygon';
import {
  type Corners,
  type Homography,
  homographyOf,
  type Pixels,
  type Place,
  through,
} from '../photograph';
import { BARE_BAR, BARE_PAPER, FIELD, MARKS, middleOf } from './layout';

/** Darker than this share of what is round it, a pixel is print. */
const DARK = 0.6;
/** What is round it: so much of the longer side. */
const ROUND = 0.06;
/** A mark's patch: 4π area over length squared, of a square seen aslant; and its area over its hull's. */
const SQUARE = [0.6, 0.95] as const;
const FULL = 0.85;
/** Its side as a share of the picture's longer side: 4 mm of a field that fills it, to one of a sheet far away. */
const SIDE = [0.004, 0.06] as const;
/** As many squarest patches are tried as marks. */
const MOST_PATCHES = 44;
/** A field's marks seen aslant: their areas, and the field's sides, differ by no more than this from what they are. */
const AREAS = 2.6;
const ASPECT = [0.6, 1.7] as const;
/** The bare bar is darker than this share of the bare paper. */
const BAR_OF_PAPER = 0.5;

interface Patch {
  readonly at: Place;
  readonly area: number;
}

/** A field found: takes its millimetres to the picture's pixels. */
export type FoundField = Homography;

/** Fields of opacity cards in a photograph, by their marks, from the top; none where none is seen whole. */
export function findFields(pixels: Pixels): FoundField[] {
  const grey = luminanceOf(pixels);
  let patches = patchesOf(grey, pixels);
  const found: FoundField[] = [];
  for (;;) {
    const best = bestField(patches, grey, pixels);
    if (!best) break;
    found.push(best.field);
    patches = patches.filter((patch) => !best.of.includes(patch));
  }
  const middle = (field: FoundField) => through(field, [FIELD.wide / 2, FIELD.tall / 2])[1];
  return found.sort((a, b) => middle(a) - middle(b));
}

/** Bytes are fine for telling dark from pale. */
const luminanceOf = ({ rgba }: Pixels): Float64Array =>
  Float64Array.from(
    { length: rgba.length / 4 },
    (_, i) => 0.2126 * rgba[4 * i]! + 0.7152 * rgba[4 * i + 1]! + 0.0722 * rgba[4 * i + 2]!,
  );

/** Small squares that are dark beside what is round them. */
function patchesOf(grey: Float64Array, { width, height }: Pixels): Patch[] {
  const long = Math.max(width, height);
  const reach = Math.round((ROUND * long) / 2);
  const wide = width + 1;
  const sums = new Float64Array(wide * (height + 1));
  for (let y = 0; y < height; y++) {
    let row = 0;
    for (let x = 0; x < width; x++) {
      row += grey[y * width + x]!;
      sums[(y + 1) * wide + x + 1] = sums[y * wide + x + 1]! + row;
    }
  }
  const dark = new Array<number>(grey.length);
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [l, r] = [Math.max(0, x - reach), Math.min(width, x + reach + 1)];
      const [t, b] = [Math.max(0, y - reach), Math.min(height, y + reach + 1)];
      const sum =
        sums[b * wide + r]! - sums[t * wide + r]! - sums[b * wide + l]! + sums[t * wide + l]!;
      dark[y * width + x] = grey[y * width + x]! < (DARK * sum) / ((r - l) * (b - t)) ? 1 : 0;
    }
  return contours()
    .size([width, height])
    .smooth(true)
    .contour(dark, 0.5)
    .coordinates.flatMap((rings): (Patch & { readonly square: number })[] => {
      const ring = rings[0] as [number, number][];
      const area = Math.abs(polygonArea(ring));
      const side = Math.sqrt(area) / long;
      if (rings.length > 1 || side < SIDE[0] || side > SIDE[1]) return [];
      const round = (4 * Math.PI * area) / polygonLength(ring) ** 2;
      if (round < SQUARE[0] || round > SQUARE[1]) return [];
      const hull = polygonHull(ring);
      if (!hull || area < FULL * Math.abs(polygonArea(hull))) return [];
      return [{ at: polygonCentroid(ring), area, square: Math.abs(round - Math.PI / 4) }];
    })
    .sort((a, b) => a.square - b.square)
    .slice(0, MOST_PATCHES);
}

/** The four patches that are most clearly the marks of one field. */
function bestField(
  patches: readonly Patch[],
  grey: Float64Array,
  pixels: Pixels,
): { readonly field: FoundField; readonly of: readonly Patch[] } | undefined {
  let best: { field: FoundField; of: readonly Patch[] } | undefined;
  let clearest = BAR_OF_PAPER;
  const n = patches.length;
  for (let i = 0; i < n; i++)
    for (let j = i + 1; j < n; j++) {
      if (unequal([patches[i]!, patches[j]!])) continue;
      for (let k = j + 1; k < n; k++) {
        if (unequal([patches[i]!, patches[j]!, patches[k]!])) continue;
        for (let l = k + 1; l < n; l++) {
          const of = [patches[i]!, patches[j]!, patches[k]!, patches[l]!];
          if (unequal(of)) continue;
          for (const field of fieldsOf(of)) {
            const dark = barOfPaper(field, grey, pixels);
            if (dark < clearest) [clearest, best] = [dark, { field, of }];
          }
        }
      }
    }
  return best;
}

const unequal = (of: readonly Patch[]): boolean => {
  const areas = of.map(({ area }) => area);
  return Math.max(...areas) > AREAS * Math.min(...areas);
};

/** The ways four patches may be the marks of a field, one way up or the other. */
function fieldsOf(of: readonly Patch[]): FoundField[] {
  const places = of.map(({ at }) => at);
  const hull = polygonHull(places.map(([x, y]): [number, number] => [x, y]));
  if (hull?.length !== 4) return [];
  // Clockwise on a picture, whose y grows downward.
  const round = polygonArea(hull) > 0 ? [...hull].reverse() : hull;
  const marks = MARKS.map(middleOf) as unknown as Corners;
  return [0, 1, 2, 3].flatMap((first): FoundField[] => {
    const quad = [0, 1, 2, 3].map((k) => round[(first + k) % 4]!) as unknown as Corners;
    const side = (a: number, b: number) =>
      Math.hypot(quad[a]![0] - quad[b]![0], quad[a]![1] - quad[b]![1]);
    const aspect =
      (side(0, 1) + side(3, 2)) /
      (side(0, 3) + side(1, 2)) /
      ((marks[1][0] - marks[0][0]) / (marks[3][1] - marks[0][1]));
    if (aspect < ASPECT[0] || aspect > ASPECT[1]) return [];
    const field = homographyOf(marks, quad);
    return field ? [field] : [];
  });
}

/** How dark the bare bar is beside the bare paper; 1 where the field reaches out of the picture. */
function barOfPaper(field: FoundField, grey: Float64Array, { width, height }: Pixels): number {
  const at = (place: Place): number => {
    const [x, y] = through(field, place);
    const [i, j] = [Math.floor(x), Math.floor(y)];
    return i < 0 || j < 0 || i >= width || j >= height ? NaN : grey[j * width + i]!;
  };
  const paper = BARE_PAPER.map((area) => at(middleOf(area)));
  const [x, y] = middleOf(BARE_BAR);
  const bar = [-6, 0, 6].map((off) => at([x + off, y]));
  const share = Math.max(...bar) / Math.min(...paper);
  return Number.isNaN(share) ? 1 : share;
}
