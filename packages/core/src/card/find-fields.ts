import { LUMINANCE } from '../optics/srgb';
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
import { type Area, FIELD, MARKS, middleOf } from './layout';

/** Darker than this share of the paper round it, in bytes, a pixel is print: printed black has 63 of 255, paper 237. */
const DARK = 0.55;
/** Paper is as pale as the palest but a few of a block of so much of the longer side, and of the blocks round it: paint and table are darker. */
const BLOCK = 0.025;
const PALEST = 0.85;
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
/** A mark's patch over what a mark would be there: blur takes of it or adds to it. */
const MARK_AREA = [0.6, 1.6] as const;
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

const [red, green, blue] = LUMINANCE;
/** Bytes are fine for telling dark from pale. */
const luminanceOf = ({ rgba }: Pixels): Float64Array =>
  Float64Array.from(
    { length: rgba.length / 4 },
    (_, i) => red * rgba[4 * i]! + green * rgba[4 * i + 1]! + blue * rgba[4 * i + 2]!,
  );

/** Small squares that are dark beside what is round them. */
function patchesOf(grey: Float64Array, { width, height }: Pixels): Patch[] {
  const long = Math.max(width, height);
  const paperAt = paperOf(grey, width, height, Math.max(4, Math.round(BLOCK * long)));
  const dark = Array.from(grey, (v, i) =>
    v < DARK * paperAt(i % width, Math.floor(i / width)) ? 1 : 0,
  );
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

/** How pale paper is at a pixel, by blocks. */
function paperOf(
  grey: Float64Array,
  width: number,
  height: number,
  block: number,
): (x: number, y: number) => number {
  const [across, down] = [Math.ceil(width / block), Math.ceil(height / block)];
  const palest = Float64Array.from({ length: across * down }, (_, b) => {
    const [x0, y0] = [(b % across) * block, Math.floor(b / across) * block];
    const own: number[] = [];
    for (let y = y0; y < Math.min(height, y0 + block); y++)
      for (let x = x0; x < Math.min(width, x0 + block); x++) own.push(grey[y * width + x]!);
    return own.sort((a, b2) => a - b2)[Math.floor(PALEST * (own.length - 1))]!;
  });
  const round = palest.map((_, b) => {
    const [x, y] = [b % across, Math.floor(b / across)];
    let most = 0;
    for (let v = Math.max(0, y - 1); v <= Math.min(down - 1, y + 1); v++)
      for (let u = Math.max(0, x - 1); u <= Math.min(across - 1, x + 1); u++)
        most = Math.max(most, palest[v * across + u]!);
    return most;
  });
  return (x, y) => round[Math.floor(y / block) * across + Math.floor(x / block)]!;
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
    return field && of.every((patch) => isAsLarge(patch, field)) ? [field] : [];
  });
}

/** Whether a patch is about as large as a mark of this field would be where it lies. */
function isAsLarge({ at, area }: Patch, field: FoundField): boolean {
  const mark = MARKS.reduce((nearest, one) => {
    const off = (of: Area) => {
      const [x, y] = through(field, middleOf(of));
      return Math.hypot(x - at[0], y - at[1]);
    };
    return off(one) < off(nearest) ? one : nearest;
  });
  const { x, y, wide, tall } = mark;
  const corners = [
    [x, y],
    [x + wide, y],
    [x + wide, y + tall],
    [x, y + tall],
  ].map(([u, v]): [number, number] => {
    const [px, py] = through(field, [u!, v!]);
    return [px, py];
  });
  const ratio = area / Math.abs(polygonArea(corners));
  return ratio > MARK_AREA[0] && ratio < MARK_AREA[1];
}

/** Just within the bare end of the bar, and just outside it: marks of two fields taken for one's would lie a few mm off. */
const IN_BAR: readonly Place[] = [67.5, 78, 87].flatMap((x) =>
  [24.5, 28, 31.5].map((y): Place => [x, y]),
);
const ROUND_BAR: readonly Place[] = [
  ...[67.5, 78, 87].flatMap((x) => [21, 35].map((y): Place => [x, y])),
  ...[24.5, 28, 31.5].map((y): Place => [63.5, y]),
];

/** How dark the bare bar is beside the bare paper; 1 where the field reaches out of the picture. */
function barOfPaper(field: FoundField, grey: Float64Array, { width, height }: Pixels): number {
  const at = (place: Place): number => {
    const [x, y] = through(field, place);
    const [i, j] = [Math.floor(x), Math.floor(y)];
    return i < 0 || j < 0 || i >= width || j >= height ? NaN : grey[j * width + i]!;
  };
  const share = Math.max(...IN_BAR.map(at)) / Math.min(...ROUND_BAR.map(at));
  return Number.isNaN(share) ? 1 : share;
}
