import type { Cut, CutKind } from '../cut';
import type { Template } from './template';

/** What a mask is cut for: the piece's own outline as SVG path data, mm. */
interface Face {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly path: string;
}

/** A mask at true size to lay on a piece: its outline, dashed, to lay it by, and the cuts, numbered. */
export const cutMask = (
  title: string,
  { widthMm, heightMm, path }: Face,
  kind: CutKind,
  cuts: readonly Cut[],
): Template => ({
  title: `${title}, cuts`,
  widthMm,
  heightMm,
  lines: [
    { d: path, guide: true },
    ...cuts.map((cut) => ({ d: cutPath(kind, cut), guide: false })),
  ],
  labels: cuts.map((cut, i) => ({
    // A figure is about so wide and high.
    x: cut.xMm + cut.widthMm / 2 - 1,
    y: cut.yMm + cut.heightMm / 2 + 2,
    text: String(i + 1),
  })),
});

/** The outline of a cut as SVG path data, mm. */
export function cutPath(kind: CutKind, { xMm: x, yMm: y, widthMm: w, heightMm: h }: Cut): string {
  if (kind === 'rect') return `M${x} ${y}H${x + w}V${y + h}H${x}Z`;
  const arc = `A${w / 2} ${h / 2} 0 0 1`;
  return `M${x} ${y + h / 2}${arc} ${x + w} ${y + h / 2}${arc} ${x} ${y + h / 2}Z`;
}
