import { actOf } from './act';
import { type Births, type Places, writeBirth } from './births';
import type { Pour } from './simulate';

/**
 * Places that came back to the beginning of a pour without meeting a stream: which entry of the births each is, where it was, cells, and the last
 * step that happened to it.
 */
export interface Lost {
  readonly index: ArrayLike<number>;
  readonly x: ArrayLike<number>;
  readonly y: ArrayLike<number>;
  readonly since: ArrayLike<number>;
  readonly count: number;
}

/**
 * Where to look again for what was lost: a front on dry ground rolls over it. Paint rests on the ground and is fastest at the surface, so what lies
 * at a front's foot came to it over the top (the rolling of an advancing contact line, Dussan V. 1979, from memory); the film's cells are too coarse
 * to follow it round. It is looked for on the surface behind the front, when the front came by.
 */
export function rolledUnder({ site, firstWet }: Pour, lost: Lost): Places {
  const cells = Array.from({ length: lost.count }, (_, n) => cellOf(site.grid, lost, n));
  // A cell where nothing was ever wet has no front that came by; one that came later than the place had gone is none of its.
  const since = cells.map((cell, n) => Math.min(firstWet[cell]!, lost.since[n]!));
  // Those that join the trace on its way come the latest first.
  const order = Array.from(since.keys()).sort((a, b) => since[b]! - since[a]!);
  const behind = order.map((n) => behindFront(site.grid, firstWet, cells[n]!));
  return {
    index: Int32Array.from(order, (n) => lost.index[n]!),
    x: Float32Array.from(behind, (cell) => (cell % site.grid.nx) + 0.5),
    y: Float32Array.from(behind, (cell) => Math.floor(cell / site.grid.nx) + 0.5),
    z: new Float32Array(lost.count).fill(1),
    count: lost.count,
    since: Int32Array.from(order, (n) => since[n]!),
  };
}

function cellOf({ nx, ny }: Pour['site']['grid'], { x, y }: Lost, n: number): number {
  const cx = Math.min(nx - 1, Math.max(0, Math.floor(x[n]!)));
  const cy = Math.min(ny - 1, Math.max(0, Math.floor(y[n]!)));
  return cy * nx + cx;
}

/** Of a cell and those around it, the one that was wet first. */
function behindFront(
  { nx, ny }: Pour['site']['grid'],
  firstWet: Uint32Array,
  cell: number,
): number {
  const [cx, cy] = [cell % nx, Math.floor(cell / nx)];
  let behind = cell;
  for (let y = Math.max(0, cy - 1); y <= Math.min(ny - 1, cy + 1); y++)
    for (let x = Math.max(0, cx - 1); x <= Math.min(nx - 1, cx + 1); x++)
      if (firstWet[y * nx + x]! < firstWet[behind]!) behind = y * nx + x;
  return behind;
}

/**
 * What is lost for good is paint of the nearest stream: where that stream was pouring as the front came by, what left then, else its first.
 */
export function toNearestStream(pour: Pour, lost: Lost, births: Births): void {
  const { scene, site, steps, firstWet } = pour;
  const began = scene.acts.map((act) => actOf(act).began?.(act, { site, seed: scene.seed }));
  for (let n = 0; n < lost.count; n++) {
    const cameBy = steps[firstWet[cellOf(site.grid, lost, n)]!]?.left;
    let nearest = Infinity;
    for (const [source, at] of began.entries()) {
      if (!at) continue;
      const [dx, dy] = [lost.x[n]! - at[0], lost.y[n]! - at[1]];
      const distance = Math.hypot(dx, dy);
      if (distance >= nearest) continue;
      nearest = distance;
      const far = distance > 0 ? distance : 1;
      const s = Math.max(0, cameBy?.find((left) => left.source === source)?.s ?? 0);
      writeBirth(births, lost.index[n]!, source, s, dx / far, dy / far);
    }
  }
}
