import type { Ring } from './ring';

interface Edge {
  readonly ring: number;
  readonly at: number;
  readonly x1: number;
  readonly y1: number;
  readonly x2: number;
  readonly y2: number;
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/**
 * The first place where rings cross themselves or each other, mm; undefined where none do. Rings that only touch in a corner
 * of both do not cross. Edges are swept along the way they are shorter in: each is held against those still open beside it.
 */
export function crossingOf(rings: readonly Ring[]): readonly [number, number] | undefined {
  const edges = rings.flatMap((ring, r) => {
    const n = ring.length / 2;
    return Array.from({ length: n }, (_, i): Edge => {
      const j = (i + 1) % n;
      const [x1, y1, x2, y2] = [ring[2 * i]!, ring[2 * i + 1]!, ring[2 * j]!, ring[2 * j + 1]!];
      return {
        ring: r,
        at: i,
        x1,
        y1,
        x2,
        y2,
        left: Math.min(x1, x2),
        right: Math.max(x1, x2),
        top: Math.min(y1, y2),
        bottom: Math.max(y1, y2),
      };
    });
  });
  const across = edges.reduce((sum, e) => sum + e.right - e.left, 0);
  const down = edges.reduce((sum, e) => sum + e.bottom - e.top, 0);
  const [from, to] = across <= down ? (['left', 'right'] as const) : (['top', 'bottom'] as const);
  edges.sort((a, b) => a[from] - b[from]);
  let open: Edge[] = [];
  for (const edge of edges) {
    open = open.filter((o) => o[to] >= edge[from]);
    for (const other of open) {
      if (other.top > edge.bottom || other.bottom < edge.top) continue;
      if (other.left > edge.right || other.right < edge.left) continue;
      const n = rings[edge.ring]!.length / 2;
      const apart = Math.abs(edge.at - other.at);
      const neighbours = edge.ring === other.ring && (apart === 1 || apart === n - 1);
      const place = neighbours ? foldOf(edge, other) : meet(edge, other);
      if (place) return place;
    }
    open.push(edge);
  }
  return undefined;
}

const cross = (ax: number, ay: number, bx: number, by: number): number => ax * by - ay * bx;

/** Where two edges cross between their ends, or lie on each other. */
function meet(a: Edge, b: Edge): readonly [number, number] | undefined {
  const [rx, ry, sx, sy] = [a.x2 - a.x1, a.y2 - a.y1, b.x2 - b.x1, b.y2 - b.y1];
  const [qx, qy] = [b.x1 - a.x1, b.y1 - a.y1];
  const turn = cross(rx, ry, sx, sy);
  if (Math.abs(turn) <= 1e-12 * Math.hypot(rx, ry) * Math.hypot(sx, sy))
    return Math.abs(cross(rx, ry, qx, qy)) <= 1e-9 * Math.hypot(rx, ry) ? overlap(a, b) : undefined;
  const t = cross(qx, qy, sx, sy) / turn;
  const u = cross(qx, qy, rx, ry) / turn;
  // Strictly between the ends: a corner laid on another edge is a touch, not a crossing.
  return t > 1e-9 && t < 1 - 1e-9 && u > 1e-9 && u < 1 - 1e-9
    ? [a.x1 + t * rx, a.y1 + t * ry]
    : undefined;
}

/** The middle of what two edges on one line share, if it is more than a point. */
function overlap(a: Edge, b: Edge): readonly [number, number] | undefined {
  const [left, right] = [Math.max(a.left, b.left), Math.min(a.right, b.right)];
  const [top, bottom] = [Math.max(a.top, b.top), Math.min(a.bottom, b.bottom)];
  const long = right - left + bottom - top;
  return right >= left && bottom >= top && long > 1e-6
    ? [(left + right) / 2, (top + bottom) / 2]
    : undefined;
}

/** Neighbours in a ring share a corner; they only fault where one runs back along the other. */
function foldOf(a: Edge, b: Edge): readonly [number, number] | undefined {
  const [first, second] = a.x2 === b.x1 && a.y2 === b.y1 ? [a, b] : [b, a];
  const [rx, ry] = [first.x2 - first.x1, first.y2 - first.y1];
  const [sx, sy] = [second.x2 - second.x1, second.y2 - second.y1];
  const flat = Math.abs(cross(rx, ry, sx, sy)) <= 1e-12 * Math.hypot(rx, ry) * Math.hypot(sx, sy);
  return flat && rx * sx + ry * sy < 0 ? [second.x1, second.y1] : undefined;
}
