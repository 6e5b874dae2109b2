import { contours } from 'd3-contour';
import { polygonArea, polygonCentroid, polygonLength } from 'd3-polygon';
import { OFF, UNPLANNED } from './labels';
import { patchesOf } from './patches';

/** A round island of one colour in another: a cell, as it is seen. */
export interface Island {
  /** Its middle and how wide it is, mm. */
  readonly atMm: readonly [number, number];
  readonly widthMm: number;
  /** The number of its colour. */
  readonly of: number;
}

/** A patch narrower than this, mm, that does not lie within one other colour is a bit of a border, which passes through colours between two. */
const SMALL_MM = 4;
/** How far outside it is looked round, mm, at how many places; and what part of them has to be of one colour. */
const ROUND_IT_MM = 1.2;
const LOOKS = 24;
const WITHIN_ONE = 0.75;

/** Smaller is a dot or a bubble's mark, larger no cell any more, mm. */
const WIDTH_MM = [1.5, 60] as const;
/** 4π area over length squared: 1 a disc, 0.79 a square, 0.5 a lens three times as long as wide. */
const ROUND = 0.6;
/** A border is no wider than this in a photograph that is sharp enough to be read, mm. */
const BORDER_MM = 1.1;

/** The longest a patch may be for its area and yet nearly round: its rim is twice that at the least. */
const LONG = Math.PI / ROUND;

/**
 * The cells of a picture, by its colours: closed patches, nearly round, that reach no edge of the piece. Each patch that may be one is traced by the marching
 * squares of d3-contour.
 * @param labels the colour of each square, row-major, `across` × `down`, each `mm` wide
 */
export function islandsOf(labels: Uint8Array, across: number, down: number, mm: number): Island[] {
  const { patches, patchOf } = patchesOf(labels, across, down);
  const [least, most] = WIDTH_MM.map((wide) => (Math.PI / 4) * (wide / mm) ** 2) as [
    number,
    number,
  ];
  const found = patches.flatMap(({ id, label: of, left, top, right, bottom }): Island[] => {
    if (of === OFF || of === UNPLANNED) return [];
    const [wide, high] = [right - left + 1, bottom - top + 1];
    if (wide * high < least || Math.max(wide, high) ** 2 > LONG * most) return [];
    if (left === 0 || top === 0 || right === across - 1 || bottom === down - 1) return [];
    return ringsOf(patchOf, across, id, left, top, wide, high).flatMap((ring): Island[] => {
      const area = Math.abs(polygonArea(ring));
      const widthMm = 2 * Math.sqrt(area / Math.PI) * mm;
      if (widthMm < WIDTH_MM[0] || widthMm > WIDTH_MM[1]) return [];
      const length = polygonLength(ring);
      if ((4 * Math.PI * area) / (length * length) < ROUND) return [];
      if (ring.some(([x, y]) => atEdge(labels, across, down, x, y))) return [];
      const [x, y] = polygonCentroid(ring);
      const reach = (widthMm / 2 + ROUND_IT_MM) / mm;
      if (widthMm < SMALL_MM && !withinOne(labels, across, down, x, y, reach)) return [];
      return [{ atMm: [x * mm, y * mm], widthMm, of }];
    });
  });
  // Between two colours a border passes through what may look like a third: a thin ring round a cell is its border.
  return found.filter(
    (island) =>
      !found.some(
        (outer) =>
          outer.widthMm > island.widthMm &&
          outer.widthMm - island.widthMm < 2 * BORDER_MM &&
          Math.hypot(outer.atMm[0] - island.atMm[0], outer.atMm[1] - island.atMm[1]) < BORDER_MM,
      ),
  );
}

/** The outer rims of one patch, in squares of the whole picture: it is traced alone, with a square's margin. */
function ringsOf(
  patchOf: Int32Array,
  across: number,
  id: number,
  left: number,
  top: number,
  wide: number,
  high: number,
): [number, number][][] {
  const [w, h] = [wide + 2, high + 2];
  const mask = new Array<number>(w * h).fill(0);
  for (let y = 0; y < high; y++)
    for (let x = 0; x < wide; x++)
      if (patchOf[(top + y) * across + left + x] === id) mask[(y + 1) * w + x + 1] = 1;
  const { coordinates } = contours().size([w, h]).smooth(true).contour(mask, 0.5);
  return coordinates.map(([outer]) =>
    (outer as [number, number][]).map(([x, y]) => [x + left - 1, y + top - 1]),
  );
}

/** Whether most of what lies round a place is one colour. */
function withinOne(
  labels: Uint8Array,
  across: number,
  down: number,
  x: number,
  y: number,
  reach: number,
): boolean {
  const counts = new Map<number, number>();
  for (let k = 0; k < LOOKS; k++) {
    const turn = (2 * Math.PI * k) / LOOKS;
    const [u, v] = [Math.floor(x + reach * Math.cos(turn)), Math.floor(y + reach * Math.sin(turn))];
    const label = u < 0 || v < 0 || u >= across || v >= down ? OFF : labels[v * across + u]!;
    counts.set(label, (counts.get(label) ?? 0) + 1);
  }
  return Math.max(...counts.values()) >= WITHIN_ONE * LOOKS;
}

/** Whether a place on a patch's rim lies at the edge of the piece. */
function atEdge(labels: Uint8Array, across: number, down: number, x: number, y: number): boolean {
  for (const [u, v] of [
    [x - 1, y - 1],
    [x, y - 1],
    [x - 1, y],
    [x, y],
  ] as const) {
    const [i, j] = [Math.floor(u), Math.floor(v)];
    if (i < 0 || j < 0 || i >= across || j >= down || labels[j * across + i] === OFF) return true;
  }
  return false;
}
