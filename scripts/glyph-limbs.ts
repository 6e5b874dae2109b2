// The strokes of a letter: the line along the middle of its shape, cut where a hand would begin anew.

/** A line as x, y pairs. */
type Line = number[];

/** Pixels of the height of a capital: fine enough that a stroke is some thirty pixels wide. */
const CAP_PX = 160;
const PAD = 4;
/** Two lines that meet within this of straight are one stroke, degrees. */
const STRAIGHT_DEG = 38;
/** A stroke bends no more than this before it is another one, degrees. */
const MOST_TURN_DEG = 250;
/** A bend as sharp as this within a stroke's width is a corner, degrees. */
const CORNER_DEG = 72;

/**
 * Limbs of a shape: its skeleton (thinned as Zhang and Suen 1984), spurs cut off, straight through junctions, cut at sharp
 * corners and after half a turn.
 * @param inside whether a point of the shape's own units lies in it
 */
export function limbsOf(
  inside: (x: number, y: number) => boolean,
  bounds: { left: number; top: number; width: number; height: number },
  capUnits: number,
): Line[] {
  const scale = CAP_PX / capUnits;
  const w = Math.ceil(bounds.width * scale) + 2 * PAD;
  const h = Math.ceil(bounds.height * scale) + 2 * PAD;
  const at = (px: number, py: number): [number, number] => [
    bounds.left + (px + 0.5 - PAD) / scale,
    bounds.top + (py + 0.5 - PAD) / scale,
  ];
  const ink = new Uint8Array(w * h);
  for (let y = 0; y < h; y++)
    for (let x = 0; x < w; x++) ink[y * w + x] = inside(...at(x, y)) ? 1 : 0;
  const area = ink.reduce((sum, v) => sum + v, 0);
  const bones = thin(ink, w, h);
  const length = bones.reduce((sum, v) => sum + v, 0);
  const strokePx = area / Math.max(1, length);
  const edges = prune(trace(bones, w, h), strokePx * 0.75);
  const strokes = join(edges, strokePx).flatMap((line) => cut(line, strokePx));
  const long = strokes.filter((line) => lengthOf(line) > strokePx * 0.6);
  const kept = long.length > 0 ? long : strokes.slice(0, 1);
  const lines = kept.length > 0 ? kept : [middle(ink, w)];
  return lines.map((line) =>
    thinOut(line).flatMap((v, i) => Math.round(i % 2 === 0 ? at(v, 0)[0] : at(0, v)[1])),
  );
}

/** The skeleton of a shape, one pixel wide. */
function thin(ink: Uint8Array, w: number, h: number): Uint8Array {
  const on = Uint8Array.from(ink);
  for (let changed = true; changed;) {
    changed = false;
    for (const pass of [0, 1]) {
      const gone: number[] = [];
      for (let y = 1; y < h - 1; y++)
        for (let x = 1; x < w - 1; x++) {
          const i = y * w + x;
          if (!on[i]) continue;
          const n = around(i, w).map((j) => on[j]!);
          const count = n.reduce((sum, v) => sum + v, 0);
          const turns = n.filter((v, k) => v === 0 && n[(k + 1) % 8] === 1).length;
          const [a, b] =
            pass === 0
              ? [n[0]! * n[2]! * n[4]!, n[2]! * n[4]! * n[6]!]
              : [n[0]! * n[2]! * n[6]!, n[0]! * n[4]! * n[6]!];
          if (count >= 2 && count <= 6 && turns === 1 && a === 0 && b === 0) gone.push(i);
        }
      for (const i of gone) on[i] = 0;
      changed ||= gone.length > 0;
    }
  }
  // Corners of staircases go, so that only true junctions have three neighbours.
  for (let y = 1; y < h - 1; y++)
    for (let x = 1; x < w - 1; x++) {
      const i = y * w + x;
      if (!on[i]) continue;
      const n = around(i, w).map((j) => on[j]!);
      const [north, , east, , south, , west] = n;
      const turns = n.filter((v, k) => v === 0 && n[(k + 1) % 8] === 1).length;
      if (turns < 2 && ((north && east) || (east && south) || (south && west) || (west && north)))
        on[i] = 0;
    }
  return on;
}

/** The eight neighbours, clockwise from above. */
const around = (i: number, w: number): number[] => [
  i - w,
  i - w + 1,
  i + 1,
  i + w + 1,
  i + w,
  i + w - 1,
  i - 1,
  i - w - 1,
];

interface Edge {
  from: number;
  to: number;
  line: Line;
}

/** The skeleton as edges between nodes; a node is a cluster of pixels with other than two neighbours. */
function trace(on: Uint8Array, w: number, h: number): Edge[] {
  const next = (i: number) => around(i, w).filter((j) => on[j]);
  const node = new Int32Array(w * h).fill(-1);
  let nodes = 0;
  for (let i = 0; i < on.length; i++) {
    if (!on[i] || next(i).length === 2 || node[i] !== -1) continue;
    const stack = [i];
    for (let p = stack.pop(); p !== undefined; p = stack.pop()) {
      if (node[p] !== -1 || !on[p] || next(p).length === 2) continue;
      node[p] = nodes;
      stack.push(...next(p));
    }
    nodes++;
  }
  const edges: Edge[] = [];
  const seen = new Set<number>();
  const point = (i: number): [number, number] => [i % w, Math.floor(i / w)];
  const walk = (start: number, first: number): void => {
    const line: Line = [...point(start), ...point(first)];
    let [before, here] = [start, first];
    while (node[here] === -1) {
      seen.add(here);
      const on2 = next(here).filter((j) => j !== before && !(seen.has(j) && node[j] === -1));
      const ahead = on2.find((j) => node[j] !== -1 && j !== start) ?? on2[0];
      if (ahead === undefined) break;
      [before, here] = [here, ahead];
      line.push(...point(here));
    }
    edges.push({ from: node[start]!, to: node[here]!, line });
  };
  for (let i = 0; i < on.length; i++)
    if (node[i] !== -1) for (const j of next(i)) if (node[j] === -1 && !seen.has(j)) walk(i, j);
  // Closed loops have no node: they begin at their topmost pixel.
  for (let i = 0; i < on.length; i++)
    if (on[i] && node[i] === -1 && !seen.has(i)) {
      node[i] = nodes++;
      walk(i, next(i)[0]!);
    }
  return edges;
}

/** Edges without spurs: short ones with a loose end, and nodes of two edges made one line. */
function prune(traced: Edge[], leastPx: number): Edge[] {
  let edges = mergeThrough(traced);
  for (;;) {
    const degree = (n: number) =>
      edges.filter((e) => e.from === n).length + edges.filter((e) => e.to === n).length;
    const spur = edges
      .filter((e) => e.from !== e.to && (degree(e.from) === 1) !== (degree(e.to) === 1))
      .sort((a, b) => lengthOf(a.line) - lengthOf(b.line))[0];
    if (!spur || lengthOf(spur.line) >= leastPx) return edges;
    edges = mergeThrough(edges.filter((e) => e !== spur));
  }
}

function mergeThrough(edges: Edge[]): Edge[] {
  for (;;) {
    const ends = edges.flatMap((e) => [e.from, e.to]);
    const plain = [...new Set(ends)].find(
      (n) =>
        ends.filter((m) => m === n).length === 2 && !edges.some((e) => e.from === n && e.to === n),
    );
    if (plain === undefined) return edges;
    const [a, b] = edges.filter((e) => e.from === plain || e.to === plain) as [Edge, Edge];
    edges = [...edges.filter((e) => e !== a && e !== b), linked(a, b, plain)];
  }
}

/** Two edges as one through the node they share. */
function linked(a: Edge, b: Edge, node: number): Edge {
  const first = a.to === node ? a : turned(a);
  const second = b.from === node ? b : turned(b);
  return { from: first.from, to: second.to, line: [...first.line, ...second.line] };
}

const turned = ({ from, to, line }: Edge): Edge => ({
  from: to,
  to: from,
  line: Array.from({ length: line.length / 2 }, (_, i) => line.length / 2 - 1 - i).flatMap((i) => [
    line[2 * i]!,
    line[2 * i + 1]!,
  ]),
});

/** Edges that run straight through a junction joined, the straightest pair of each first. */
function join(edges: Edge[], strokePx: number): Line[] {
  const nodes = [...new Set(edges.flatMap((e) => [e.from, e.to]))];
  for (const node of nodes)
    for (;;) {
      const here = edges.filter((e) => (e.from === node) !== (e.to === node));
      const pairs = here.flatMap((a, i) => here.slice(i + 1).map((b) => [a, b] as const));
      const bend = ([a, b]: readonly [Edge, Edge]) =>
        Math.abs(
          180 -
            between(
              leaving(a.from === node ? a : turned(a), strokePx),
              leaving(b.from === node ? b : turned(b), strokePx),
            ),
        );
      const best = pairs.sort((p, q) => bend(p) - bend(q))[0];
      if (!best || bend(best) > STRAIGHT_DEG) break;
      const line = linked(best[0], best[1], node);
      // Joined for good: the node no longer ends it.
      edges = [...edges.filter((e) => e !== best[0] && e !== best[1]), line];
      if (line.from === line.to) break;
    }
  return edges.map((e) => e.line);
}

/** Direction in which an edge leaves its first node, degrees, measured clear of the junction. */
function leaving({ line }: Edge, strokePx: number): number {
  const [near, far] = [along(line, strokePx * 0.4), along(line, strokePx * 1.3)];
  return (Math.atan2(far[1] - near[1], far[0] - near[0]) * 180) / Math.PI;
}

/** Angle between two directions, 0 to 180. */
const between = (a: number, b: number): number => {
  const d = Math.abs(a - b) % 360;
  return d > 180 ? 360 - d : d;
};

/** The point so far along a line. */
function along(line: Line, distance: number): [number, number] {
  let left = distance;
  for (let i = 2; i < line.length; i += 2) {
    const step = Math.hypot(line[i]! - line[i - 2]!, line[i + 1]! - line[i - 1]!);
    if (step >= left && step > 0) return [line[i]!, line[i + 1]!];
    left -= step;
  }
  return [line.at(-2)!, line.at(-1)!];
}

/** A line cut at sharp corners, where it begins to bend the other way for good, and into even parts where it bends more than a stroke may. */
function cut(line: Line, strokePx: number): Line[] {
  const smooth = smoothed(line, strokePx);
  const n = Math.max(3, Math.round(lengthOf(smooth) / (strokePx / 4)));
  const points = Array.from({ length: n + 1 }, (_, i) => along(smooth, (i / n) * lengthOf(smooth)));
  // turned[i]: how far the line has turned on its way to point i, degrees.
  const turned = [0, 0];
  for (let i = 1; i < n; i++) {
    const [a, b, c] = [points[i - 1]!, points[i]!, points[i + 1]!];
    const d =
      ((Math.atan2(c[1] - b[1], c[0] - b[0]) - Math.atan2(b[1] - a[1], b[0] - a[0])) * 180) /
      Math.PI;
    turned.push(turned[i]! + ((d + 540) % 360) - 180);
  }
  const sharpness = (i: number) =>
    Math.abs((turned[Math.min(n, i + 2)] ?? 0) - (turned[Math.max(0, i - 1)] ?? 0));
  const cuts = [0];
  for (let i = 2; i < n - 1; i++)
    if (
      sharpness(i) > CORNER_DEG &&
      sharpness(i) >= sharpness(i - 1) &&
      sharpness(i) > sharpness(i + 1) &&
      i - cuts.at(-1)! > 3
    )
      cuts.push(i);
  cuts.push(n);
  const parts = cuts.slice(1).flatMap((to, k) => bows(turned, cuts[k]!, to));
  return parts.map(([from, to]) => points.slice(from, to + 1).flat());
}

/** Parts of a line between two points that each bend one way, and none more than a stroke may. */
function bows(turned: readonly number[], from: number, to: number): [number, number][] {
  const out: [number, number][] = [];
  let start = from;
  let far = from;
  const even = (a: number, b: number) => {
    const parts = Math.max(1, Math.ceil(Math.abs(turned[b]! - turned[a + 1]!) / MOST_TURN_DEG));
    for (let k = 0; k < parts; k++)
      out.push([
        Math.round(a + ((b - a) * k) / parts),
        Math.round(a + ((b - a) * (k + 1)) / parts),
      ]);
  };
  for (let i = from + 2; i <= to; i++) {
    const way = turned[far]! - turned[start + 1]!;
    if (Math.abs(turned[i]! - turned[start + 1]!) > Math.abs(way)) far = i;
    else if (Math.abs(way) > 70 && Math.abs(turned[i]! - turned[far]!) > 60) {
      even(start, far);
      start = far;
      far = i;
    }
  }
  even(start, to);
  return out;
}

/** A line without the steps of its pixels: each point the mean of those within a quarter of a stroke’s width; the ends stay. */
function smoothed(line: Line, strokePx: number): Line {
  const n = line.length / 2;
  const reach = Math.round(strokePx / 4);
  return Array.from({ length: n }, (_, i) => {
    const r = Math.min(reach, i, n - 1 - i);
    let [x, y] = [0, 0];
    for (let j = i - r; j <= i + r; j++) {
      x += line[2 * j]!;
      y += line[2 * j + 1]!;
    }
    return [x / (2 * r + 1), y / (2 * r + 1)];
  }).flat();
}

/** A line with a point at each sixth of it, enough for a hand to follow. */
const thinOut = (line: Line): Line =>
  [0, 1, 2, 3, 4, 5, 6].flatMap((i) => along(line, (i / 6) * lengthOf(line)));

function middle(ink: Uint8Array, w: number): Line {
  let [x, y, n] = [0, 0, 0];
  ink.forEach((v, i) => {
    if (v) {
      x += i % w;
      y += Math.floor(i / w);
      n++;
    }
  });
  return [x / n - 1, y / n, x / n + 1, y / n];
}

function lengthOf(line: Line): number {
  let sum = 0;
  for (let i = 2; i < line.length; i += 2)
    sum += Math.hypot(line[i]! - line[i - 2]!, line[i + 1]! - line[i - 1]!);
  return sum;
}
