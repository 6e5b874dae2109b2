import { deltaE2000, hexToLab } from '@potter/core/optics';
import { chance, type Flat } from '@potter/core/camera';

/** A made piece of which everything is known. */
export interface MadePiece extends Flat {
  readonly pxPerMm: number;
  readonly planned: readonly { readonly id: string; readonly hex: string }[];
  /** Shares of its face by id; `unplanned` with the mud that is part of it. */
  readonly shares: Readonly<Record<string, number>>;
  readonly unplanned: number;
  readonly mud: number;
  /** Widths of its cells, mm. */
  readonly cells: readonly number[];
}

/** Nearer to one another than this, ΔE00, two colours of one piece are hardly told apart by anybody. */
const APART = 24;
const MUD_HEX = '#6b655c';

const hexOf = (rgb: readonly number[]) =>
  `#${rgb.map((v) => Math.round(v).toString(16).padStart(2, '0')).join('')}`;
const bytesOf = (hex: string) => [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16));
const apart = (a: string, b: string) => deltaE2000(hexToLab(a), hexToLab(b));

/**
 * Waved bands of a few colours with round cells of others in them, a calm field, and patches of colours nobody planned, mud among them.
 * @param wideMm its longer side
 * @param grown its cells are so many times as wide as they were at first
 */
export function madePiece(seed: number, { wideMm = 260, pxPerMm = 2, grown = 1 } = {}): MadePiece {
  const random = chance(seed * 101 + 3);
  const between = (a: number, b: number) => a + (b - a) * random();
  const [width, height] = [
    Math.round(wideMm * pxPerMm),
    Math.round(wideMm * pxPerMm * between(0.6, 1)),
  ];
  const hexes: string[] = [];
  const wanted = 3 + Math.floor(random() * 4);
  for (let tries = 0; hexes.length < wanted && tries < 400; tries++) {
    const hex = hexOf([random(), random(), random()].map((v) => 20 + 220 * v ** 1.2));
    if ([...hexes, MUD_HEX].every((other) => apart(hex, other) > APART)) hexes.push(hex);
  }
  const strange = [MUD_HEX];
  for (let tries = 0; strange.length < 2 && tries < 400; tries++) {
    const hex = hexOf([random(), random(), random()].map((v) => 20 + 220 * v));
    const [l, a, b] = hexToLab(hex);
    const muddy = l > 15 && l < 68 && Math.hypot(a, b) < 20;
    if (!muddy && hexes.every((other) => apart(hex, other) > APART)) strange.push(hex);
  }
  const colours = [...hexes, ...strange];
  const label = new Uint8Array(width * height);
  const [fx, fy, p, q] = [between(2, 6), between(2, 5), 6 * random(), 6 * random()];
  const field = { x: between(0.2, 0.8), y: between(0.2, 0.8), r: between(0.12, 0.22) };
  const patches = Array.from({ length: 2 + Math.floor(random() * 4) }, (_, i) => ({
    x: random(),
    y: random(),
    r: between(0.03, 0.08),
    of: hexes.length + (i % strange.length),
  }));
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      const [u, v] = [x / width, y / height];
      const wave = 3 * Math.sin(fx * u + p + Math.sin(fy * v + q)) + 2.4 * Math.cos(fy * v - q + u);
      let of = Math.floor(wave * 1.3 + 8) % hexes.length;
      if (Math.hypot(u - field.x, ((v - field.y) * height) / width) < field.r) of = 0;
      const patch = patches.find(
        (c) =>
          Math.hypot(u - c.x, ((v - c.y) * height) / width) < c.r * (1 + 0.2 * Math.sin(9 * u)),
      );
      label[y * width + x] = patch?.of ?? of;
    }
  const cells: number[] = [];
  const discs: { x: number; y: number; r: number }[] = [];
  const many = 20 + Math.floor(random() * 60);
  for (let tries = 0; discs.length < many && tries < 4000; tries++) {
    const mm = Math.exp(between(Math.log(3.5), Math.log(16)));
    const r = (mm / 2) * pxPerMm;
    const [x, y] = [between(r + 6, width - r - 6), between(r + 6, height - r - 6)];
    if (discs.some((d) => Math.hypot(d.x - x, d.y - y) < d.r + r + 2 * pxPerMm)) continue;
    // A cell of a colour that touches its own colour outside it is no cell: it lies within one other.
    const within = new Set<number>();
    for (let k = 0; k < 40; k++) {
      const t = (k * Math.PI) / 20;
      const reach = r + 1.5 * pxPerMm;
      within.add(
        label[Math.round(y + reach * Math.sin(t)) * width + Math.round(x + reach * Math.cos(t))]!,
      );
    }
    const inside = label[Math.round(y) * width + Math.round(x)]!;
    if (within.size > 1 || inside >= hexes.length) continue;
    const of = (inside + 1 + Math.floor(random() * (hexes.length - 1))) % hexes.length;
    discs.push({ x, y, r });
    cells.push(mm * grown);
    const wide = r * grown;
    for (let v = Math.ceil(y - wide); v <= y + wide; v++)
      for (let u = Math.ceil(x - wide); u <= x + wide; u++)
        if (Math.hypot(u - x, v - y) <= wide) label[v * width + u] = of;
  }
  const rgba = new Uint8ClampedArray(4 * width * height);
  const counts = new Array<number>(colours.length).fill(0);
  const bytes = colours.map(bytesOf);
  for (let i = 0; i < label.length; i++) {
    counts[label[i]!]!++;
    rgba.set([...bytes[label[i]!]!, 255], 4 * i);
  }
  const share = (of: number) => counts[of]! / label.length;
  return {
    width,
    height,
    rgba,
    pxPerMm,
    planned: hexes.map((hex, i) => ({ id: `c${i}`, hex })),
    shares: Object.fromEntries(hexes.map((_, i) => [`c${i}`, share(i)])),
    unplanned: strange.reduce((sum, _, i) => sum + share(hexes.length + i), 0),
    mud: share(hexes.length),
    cells,
  };
}
