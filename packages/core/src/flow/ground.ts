import { FACTORS } from '../factor';
import { crossingsAt } from '../surface/outline/covers';
import { areaOf, lengthOf } from '../surface/outline/measure';
import type { Board, Holds } from './board';
import type { Film } from './film';
import type { Grid } from './grid';
import { noise } from './noise';

/**
 * Cells along the longer side of a surface a quarter longer than wide; so many in all on a longer one too, up to twice along it, for what is poured across a
 * narrow one is as wide as ever. The same for every finished picture of a pour: another grid would be another pour. 128 agree with twice and more as well as
 * 160 did before drift had slopes (`sweep.ts`), and take half as long.
 */
const CELLS = 128;
const USUAL_SHAPE = 1.25;
const MOST_LONGER = 2;

const cellsAlong = (longer: number, shorter: number): number =>
  CELLS * Math.min(MOST_LONGER, Math.max(1, Math.sqrt(longer / shorter / USUAL_SHAPE)));

/** What holds paint back where nobody has found otherwise. */
const USUAL: Holds = {
  frontMm: FACTORS['front-stops'].usual,
  edgeMm: FACTORS['edge-holds'].usual,
  wetEdgeShare: FACTORS['wet-edge-holds'].usual,
};
/** How much the height at which a front stops varies from place to place (estimate). */
const HEQ_VARIES = 0.5;
const HEQ_PATCH_MM = 14;

/** A surface on its grid. Cell (x, y) has its middle at ((x + 0.5)·cellMm − originMm). */
export interface Site {
  readonly grid: Grid;
  readonly cellMm: number;
  /** Where mm 0, 0 lies, in mm from the corner of the grid. */
  readonly originMm: readonly [number, number];
  /** Width and height of the surface. */
  readonly sizeMm: readonly [number, number];
  /** What the outline itself measures: cells only come near it. */
  readonly face: { readonly areaCm2: number; readonly outlineMm: number };
  /** 1 where a cell's middle is on the surface. */
  readonly inside: Uint8Array;
  /** Cells off the surface that touch it, where what runs over the edge arrives, and the side each lies on. */
  readonly brink: Int32Array;
  readonly brinkSide: Uint8Array;
  /** Height an edge still holds back once paint has gone over it, m; a rim stays a rim. */
  readonly wetEdgeM: number;
}

/** Sides of a surface in the order they are counted: what lies nearer the middle of one side belongs to it. */
export const SIDES = ['right', 'bottom', 'left', 'top'] as const;
export type Side = (typeof SIDES)[number];

/**
 * Lays a grid over a surface: square cells, whole in number along both sides where they can be, a ring of outside cells around.
 * @param given how many cells along the longer side, give or take a tenth; pictures leave it out
 */
export function layGrid(
  { widthMm, heightMm, rings, rimMm, holds = USUAL }: Board,
  given?: number,
): Site {
  const longer = Math.max(widthMm, heightMm);
  const shorter = Math.min(widthMm, heightMm);
  const about = given ?? Math.round(cellsAlong(longer, shorter));
  let cells = about;
  // Some numbers of cells fit the shorter side better than others.
  const misfit = (n: number) =>
    Math.abs((shorter / longer) * n - Math.round((shorter / longer) * n));
  for (let n = Math.round(0.94 * about); n <= 1.04 * about; n++)
    if (misfit(n) < misfit(cells) - 1e-9) cells = n;
  const cellMm = longer / cells;
  const [across, down] = [Math.round(widthMm / cellMm), Math.round(heightMm / cellMm)];
  // Whole fours for the kernel, with at least one cell around; what is left over lies on both sides.
  const [nx, ny] = [4 * Math.ceil((across + 2) / 4), 4 * Math.ceil((down + 2) / 4)];
  const originMm = [
    Math.floor((nx - across) / 2) * cellMm + (across * cellMm - widthMm) / 2,
    Math.floor((ny - down) / 2) * cellMm + (down * cellMm - heightMm) / 2,
  ] as const;
  const grid = { nx, ny, dx: cellMm / 1000 };

  const inside = new Uint8Array(nx * ny);
  for (let y = 1; y < ny - 1; y++) {
    const edges = crossingsAt(rings, (y + 0.5) * cellMm - originMm[1]);
    let passed = 0;
    for (let x = 1; x < nx - 1; x++) {
      while (passed < edges.length && edges[passed]! <= (x + 0.5) * cellMm - originMm[0]) passed++;
      inside[y * nx + x] = passed % 2;
    }
  }
  const sizeMm = [widthMm, heightMm] as const;
  const brink: number[] = [];
  const sides: number[] = [];
  for (let i = 0; i < inside.length; i++) {
    const x = i % nx;
    const beside =
      (x > 0 && inside[i - 1]) || (x < nx - 1 && inside[i + 1]) || inside[i - nx] || inside[i + nx];
    if (inside[i] || !beside) continue;
    brink.push(i);
    sides.push(sideAt({ cellMm, originMm, sizeMm }, x + 0.5, Math.floor(i / nx) + 0.5));
  }
  return {
    grid,
    cellMm,
    originMm,
    sizeMm,
    face: { areaCm2: areaOf(rings) / 100, outlineMm: lengthOf(rings) },
    inside,
    brink: Int32Array.from(brink),
    brinkSide: Uint8Array.from(sides),
    wetEdgeM: (rimMm ?? holds.edgeMm * holds.wetEdgeShare) / 1000,
  };
}

/** The side a place off the surface belongs to, as `SIDES` counts them; x, y in cells. */
export function sideAt(
  { cellMm, originMm, sizeMm }: Pick<Site, 'cellMm' | 'originMm' | 'sizeMm'>,
  x: number,
  y: number,
): 0 | 1 | 2 | 3 {
  const fromMiddleX = (x * cellMm - originMm[0]) / sizeMm[0] - 0.5;
  const fromMiddleY = (y * cellMm - originMm[1]) / sizeMm[1] - 0.5;
  if (Math.abs(fromMiddleX) >= Math.abs(fromMiddleY)) return fromMiddleX > 0 ? 0 : 2;
  return fromMiddleY > 0 ? 1 : 3;
}

/** Dry ground, a little uneven, with edges that hold back. */
export function layGround(film: Film, site: Site, { rimMm, seed, holds = USUAL }: Board): void {
  const { nx } = site.grid;
  for (let i = 0; i < site.inside.length; i++) {
    if (!site.inside[i]) {
      film.ground[i] = -(rimMm ?? holds.edgeMm) / 1000;
      continue;
    }
    const [x, y] = [(i % nx) * site.cellMm, Math.floor(i / nx) * site.cellMm];
    film.ground[i] =
      (holds.frontMm / 1000) *
      (1 + HEQ_VARIES * noise(x / HEQ_PATCH_MM, y / HEQ_PATCH_MM, 0, seed + 11));
  }
}

/** A film spread where `where` is not 0: wet ground stops no front, and every edge it runs along holds less. */
export function wetGround(film: Film, site: Site, where: Uint8Array): void {
  for (let i = 0; i < site.inside.length; i++)
    if (!site.inside[i]) film.ground[i] = wetted(film.ground[i]!, site.wetEdgeM);
    else if (where[i]) film.ground[i] = 0;
}

/** 1 for cells of the surface nearer than this to its outline: within that of a cell that paint runs over into. */
export function bandOf(
  { inside, brink, grid: { nx, ny }, cellMm }: Site,
  widthMm: number,
): Uint8Array {
  const band = new Uint8Array(inside.length);
  const reach = Math.ceil(widthMm / cellMm);
  for (const i of brink) {
    const [cx, cy] = [i % nx, Math.floor(i / nx)];
    for (let y = Math.max(0, cy - reach); y <= Math.min(ny - 1, cy + reach); y++)
      for (let x = Math.max(0, cx - reach); x <= Math.min(nx - 1, cx + reach); x++)
        if (inside[y * nx + x] && Math.hypot(x - cx, y - cy) * cellMm <= widthMm)
          band[y * nx + x] = 1;
  }
  return band;
}

/** The edge beside an outside cell once paint has gone over it. */
export const wetted = (ground: number, wetEdgeM: number): number => Math.max(ground, -wetEdgeM);

/** A line told in mm of the surface, in cells of its grid. */
export const inCells = (
  line: readonly (readonly [number, number])[],
  { cellMm, originMm }: Pick<Site, 'cellMm' | 'originMm'>,
): readonly (readonly [number, number])[] =>
  line.map(([x, y]) => [(x + originMm[0]) / cellMm, (y + originMm[1]) / cellMm] as const);
