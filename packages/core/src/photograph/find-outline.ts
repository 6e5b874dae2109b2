import { polygonContains } from 'd3-polygon';
import { endsOfTable, peakNear } from './end-of-table';
import { boxOf, type Corners, homographyOf, type Place, through } from './homography';
import { momentsOf, rootOf } from './moments';
import { pieceMask } from './piece-mask';
import { solve } from './solve';
import { LEAST_SHARE, MOST_SHARE, type Pixels, type TableModel, tableOf } from './table';

/** An outline as closed rings of places, as shares of the box round it; what lies within an odd number of rings is face. */
export type Rings = readonly (readonly Place[])[];

/** Parts of a piece that lie apart, such as the figures of a number, and are smaller than this share of the largest are specks on the table. */
const LEAST_PART = 0.05;
/** The outline's area is looked at in so many places across its box. */
const GRID = 48;
/** Turns of it that are tried, radians: a rim, and what looks alike turned, stays as upright as it fits, for the photograph's way up is taken to be its own. */
const TURNS = Array.from(
  { length: 24 },
  (_, k) => (k % 2 ? -1 : 1) * Math.ceil(k / 2) * (Math.PI / 12),
);
/** Turned further it has to have so much more in common with what lies there to be believed. */
const AS_GOOD = 0.03;
/** A letter fills so much of the box round it. */
const THIN = 0.3;
/** Less of it and of what lies on the table is common to both, and it is not what lies there. */
const LEAST_COMMON = 0.4;

/** Its edge is looked at in so many places. */
const STATIONS = 240;
/** How far to both sides an edge is looked for, as a share of the longer side; each time nearer. */
const REACHES = [0.03, 0.03, 0.02, 0.02, 0.012, 0.012, 0.006, 0.006, 0.006] as const;
/** How hard a corner is held where no edge tells of it, beside the pull of all stations together. */
const HELD = 0.002;
/** Less of all that could speak for an edge at its places, and none was found. */
const LEAST_CLEAR = 0.12;

/** The box round the unit square. */
const UNIT = boxOf(1, 1);

/**
 * The corners of the box round a piece of a known outline that lies on a table, as the box looks in the photograph: clockwise from the upper left, as shares
 * of the photograph's sides. The outline is laid on by its area's moments, in the turn that covers best what lies there, then drawn by its edge, place by
 * place, to where the table ends (iterated closest points: Besl and McKay, IEEE PAMI 14, 1992, here along the normals). Undefined where nothing of that
 * outline stands out from the table.
 */
export function findOutline(pixels: Pixels, rings: Rings): Corners | undefined {
  const table = tableOf(pixels);
  const face = faceOf(rings);
  const edge = edgeOf(rings);
  let best: Figure | undefined;
  for (const shadeLies of [false, true]) {
    const mask = pieceMask(pixels, table, { shadeLies, leastPart: LEAST_PART });
    const laid = laidOn(mask, pixels, face);
    if (!laid) continue;
    let figure: Figure = { corners: laid, clear: 0 };
    for (const reach of REACHES)
      figure = drawnTo(
        pixels,
        table,
        edge,
        figure.corners,
        reach * Math.max(pixels.width, pixels.height),
      );
    if (figure.clear >= LEAST_CLEAR && (!best || figure.clear > best.clear)) best = figure;
  }
  return best?.corners.map(([x, y]): Place => [x / pixels.width, y / pixels.height]) as
    | Corners
    | undefined;
}

/** Four corners, px, and how clear the edge is there, 0 to 1. */
interface Figure {
  readonly corners: Corners;
  readonly clear: number;
}

/** Whether a place lies on the face. */
function onFace(rings: Rings): (place: Place) => boolean {
  const closed = rings.map((ring) => ring.map(([x, y]): [number, number] => [x, y]));
  return ([x, y]) => closed.filter((ring) => polygonContains(ring, [x, y])).length % 2 === 1;
}

/** Places of a grid that lie on the face. */
const faceOf = (rings: Rings): Place[] =>
  Array.from({ length: GRID * GRID }, (_, i): Place => [
    ((i % GRID) + 0.5) / GRID,
    (Math.floor(i / GRID) + 0.5) / GRID,
  ]).filter(onFace(rings));

/** A place on an edge, and another a little way in from it. */
interface Station {
  readonly at: Place;
  readonly within: Place;
}

/** How far in from the edge the second place of a station lies, of the box. */
const A_LITTLE = 1e-3;

/** Places on the edge, equally far apart. */
function edgeOf(rings: Rings): Station[] {
  const isFace = onFace(rings);
  const sides = rings.flatMap((ring) =>
    ring.map((from, i) => {
      const to = ring[(i + 1) % ring.length]!;
      return { from, to, length: Math.hypot(to[0] - from[0], to[1] - from[1]) };
    }),
  );
  const step = sides.reduce((sum, { length }) => sum + length, 0) / STATIONS;
  const stations: Station[] = [];
  let next = step / 2;
  for (const { from, to, length } of sides) {
    for (; next < length; next += step) {
      const [ux, uy] = [(to[0] - from[0]) / length, (to[1] - from[1]) / length];
      const at: Place = [from[0] + next * ux, from[1] + next * uy];
      const aside = (by: number): Place => [at[0] - by * uy, at[1] + by * ux];
      const within = aside(A_LITTLE);
      stations.push({ at, within: isFace(within) ? within : aside(-A_LITTLE) });
    }
    next -= length;
  }
  return stations;
}

/** The box's corners, px, where the outline lies on what stands out from the table as well as its moments and a turn can say. */
function laidOn(
  mask: Uint8Array,
  { width, height }: Pixels,
  face: readonly Place[],
): Corners | undefined {
  const lies: Place[] = [];
  for (let i = 0; i < mask.length; i++)
    if (mask[i]) lies.push([(i % width) + 0.5, Math.floor(i / width) + 0.5]);
  const share = lies.length / mask.length;
  if (share < THIN * LEAST_SHARE || share > MOST_SHARE) return undefined;
  const [there, here] = [momentsOf(lies), momentsOf(face)];
  const onto = rootOf(there.spread);
  const from = rootOf(here.spread);
  const det = from.xx * from.yy - from.xy * from.xy;
  const back = { xx: from.yy / det, xy: -from.xy / det, yy: from.xx / det };
  const pxAPlace = lies.length / face.length;
  const tried = TURNS.map((turn) => {
    const [c, s] = [Math.cos(turn), Math.sin(turn)];
    const at = ([x, y]: Place): Place => {
      const [dx, dy] = [x - here.middle[0], y - here.middle[1]];
      const [ux, uy] = [back.xx * dx + back.xy * dy, back.xy * dx + back.yy * dy];
      const [vx, vy] = [c * ux - s * uy, s * ux + c * uy];
      return [
        there.middle[0] + onto.xx * vx + onto.xy * vy,
        there.middle[1] + onto.xy * vx + onto.yy * vy,
      ];
    };
    const both = face.reduce((sum, place) => {
      const [x, y] = at(place).map(Math.floor) as [number, number];
      return sum + (x >= 0 && x < width && y >= 0 && y < height ? mask[y * width + x]! : 0);
    }, 0);
    const common = (both * pxAPlace) / (2 * lies.length - both * pxAPlace);
    return { corners: UNIT.map(at) as unknown as Corners, common };
  });
  const most = Math.max(...tried.map(({ common }) => common));
  if (most < LEAST_COMMON) return undefined;
  return tried.find(({ common }) => common >= most - AS_GOOD)?.corners;
}

/** Which corner is moved, and by how much, px. */
const MOVES = [0, 1, 2, 3].flatMap((nth) => [[nth, 1, 0] as const, [nth, 0, 1] as const]);

/** The same box, moved so that the outline's edge comes to lie where the table ends. */
function drawnTo(
  pixels: Pixels,
  table: TableModel,
  edge: readonly Station[],
  corners: Corners,
  reach: number,
): Figure {
  const onto = homographyOf(UNIT, corners);
  if (!onto) return { corners, clear: 0 };
  const most = Math.max(2, Math.ceil(reach));
  // The box with one of its corners a pixel further to the right, or down: so each place of the edge goes with each of them.
  const moved = MOVES.map(([nth, dx, dy]) =>
    homographyOf(
      UNIT,
      corners.map(([x, y], i): Place =>
        i === nth ? [x + dx, y + dy] : [x, y],
      ) as unknown as Corners,
    ),
  );
  const normal = MOVES.map((_, i) =>
    Array.from({ length: MOVES.length + 1 }, (__, j) => (i === j ? HELD * edge.length : 0)),
  );
  let clear = 0;
  for (const { at, within } of edge) {
    const [x, y] = through(onto, at);
    const [ix, iy] = through(onto, within);
    const long = Math.hypot(ix - x, iy - y) || 1;
    const inward: Place = [(ix - x) / long, (iy - y) / long];
    const { speaks, changes } = endsOfTable(pixels, table, [x, y], inward, most);
    let ends = most;
    let speaksMost = 0;
    speaks.forEach((says, k) => {
      const weighed = says * (1 - Math.abs(k - most) / (most + 1));
      if (weighed > speaksMost) [speaksMost, ends] = [weighed, k];
    });
    if (speaksMost === 0) continue;
    clear += speaks[ends]!;
    const depth = (peakNear(changes, ends) ?? ends) - most;
    const row = moved.map((other) => {
      const [mx, my] = other ? through(other, at) : [x, y];
      return (mx - x) * inward[0] + (my - y) * inward[1];
    });
    row.forEach((goes, i) =>
      [...row, depth].forEach((by, j) => (normal[i]![j]! += speaksMost * goes * by)),
    );
  }
  const by = solve(normal);
  return {
    corners: by
      ? (corners.map(([x, y], i): Place => [
          x + by[2 * i]!,
          y + by[2 * i + 1]!,
        ]) as unknown as Corners)
      : corners,
    clear: clear / edge.length,
  };
}
