import { trim } from '../quantity/show';
import { shapeOf } from '../surface/measure';
import { markOf, type Stroke, verbOf } from '../verb';
import { verbScene } from '../plan/brief/table';
import type { Plan } from '../plan/document/schema';

/** A drawing at true size to lay on or under the surface, mm from its upper left. */
export interface Template {
  readonly title: string;
  readonly widthMm: number;
  readonly heightMm: number;
  /** SVG path data; guides are dashed, solids are filled with black and have no edge, which would make them larger. */
  readonly lines: readonly {
    readonly d: string;
    readonly guide: boolean;
    readonly solid?: true;
  }[];
  /** How high its words are drawn, mm; absent where they may be as large as is read well. */
  readonly textMm?: number;
  readonly labels: readonly {
    readonly x: number;
    readonly y: number;
    readonly text: string;
    /** How high it is drawn, where it has a height of its own, mm. */
    readonly mm?: number;
  }[];
}

export interface TemplateWishes {
  /** A disc round the middle, mm across; none where 0. */
  readonly discMm: number;
  /** Petals from the disc turned to the corners. */
  readonly petals: boolean;
}

/** Arms of a cross on a drop point, mm. */
const ARM_MM = 8;
/** Labels nearer than this would lie on each other, mm. */
const NEAR_MM = 25;
/** A petal is this wide for its length. */
const PETAL_WIDTH = 0.34;

/**
 * Where everything goes: the outline, the middle, a disc, petals turned to the corners, and what moves mark on the surface, each with a
 * cross where it begins: a ring as wide as the mouth of a cup turned over, a line where one is poured.
 */
export function positioningTemplate(plan: Plan, { discMm, petals }: TemplateWishes): Template {
  const shape = shapeOf(plan.surface.shape);
  const { widthMm, heightMm } = shape.bounds(plan.surface.shape);
  const [cx, cy] = [widthMm / 2, heightMm / 2];
  const reaches = shape.reaches(plan.surface.shape);
  const face = { widthMm, heightMm, rings: shape.rings(plan.surface.shape) };
  const scene = verbScene(plan);
  const drops = plan.moves.flatMap((move) => {
    const verb = verbOf(move);
    return (verb.marks?.(move, scene) ?? []).flatMap((mark) => {
      const drawing = markOf(mark);
      const at = drawing.at(mark, face);
      return drawing.printed && at
        ? [{ at, label: verb.label?.(move, scene) ?? '', strokes: drawing.strokes(mark, face) }]
        : [];
    });
  });
  return {
    title: `${plan.title}, template`,
    widthMm,
    heightMm,
    lines: [
      { d: shape.path(plan.surface.shape), guide: false },
      { d: `M0 ${cy}H${widthMm}M${cx} 0V${heightMm}`, guide: true },
      ...reaches.map(([x, y]) => ({ d: `M${cx} ${cy}L${x} ${y}`, guide: true })),
      ...(discMm > 0 ? [{ d: circle(cx, cy, discMm / 2), guide: false }] : []),
      ...(petals
        ? reaches.map(([x, y]) => ({ d: petal(cx, cy, x, y, discMm / 2), guide: false }))
        : []),
      ...drops.flatMap(({ at: [x, y], strokes }) => [
        { d: cross(x, y), guide: false },
        ...strokes.map((stroke) => ({ d: lineOf(stroke), guide: false })),
      ]),
    ],
    labels: [
      // A cup in the middle says as much.
      ...(drops.some(({ at: [x, y] }) => Math.hypot(x - cx, y - cy) < NEAR_MM)
        ? []
        : [{ x: cx + 3, y: cy - 3, text: 'middle' }]),
      ...drops.map(({ at: [x, y], label }) => ({ x: x + 3, y: y + ARM_MM + 4, text: label })),
    ],
  };
}

const n = (mm: number): string => trim(mm, 2);

const circle = (x: number, y: number, r: number): string =>
  `M${n(x - r)} ${n(y)}A${n(r)} ${n(r)} 0 1 1 ${n(x + r)} ${n(y)}A${n(r)} ${n(r)} 0 1 1 ${n(x - r)} ${n(y)}Z`;

const lineOf = ({ points, closed }: Stroke): string =>
  `M${points.map(([x, y]) => `${n(x)} ${n(y)}`).join('L')}${closed ? 'Z' : ''}`;

const cross = (x: number, y: number): string =>
  `M${n(x - ARM_MM)} ${n(y)}H${n(x + ARM_MM)}M${n(x)} ${n(y - ARM_MM)}V${n(y + ARM_MM)}`;

/** A leaf from the disc nearly to the corner. */
function petal(cx: number, cy: number, x: number, y: number, from: number): string {
  const long = Math.hypot(x - cx, y - cy);
  const [ux, uy] = [(x - cx) / long, (y - cy) / long];
  const [start, end] = [from, from + (long - from) * 0.85];
  const half = (PETAL_WIDTH * (end - start)) / 2;
  const at = (along: number, side: number) =>
    `${n(cx + ux * along - uy * side)} ${n(cy + uy * along + ux * side)}`;
  const middle = (start + end) / 2;
  return `M${at(start, 0)}Q${at(middle, 2 * half)} ${at(end, 0)}Q${at(middle, -2 * half)} ${at(start, 0)}Z`;
}

/** Room for the outline's own width round the drawing, mm. */
const MARGIN_MM = 2;

const escape = (text: string): string =>
  text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;');

/** The drawing as an SVG file at true size. */
export function templateSvg({ title, widthMm, heightMm, lines, labels }: Template): string {
  const [w, h] = [widthMm + 2 * MARGIN_MM, heightMm + 2 * MARGIN_MM];
  const paths = lines.map(
    ({ d, guide, solid }) =>
      `  <path d="${d}" fill="${solid ? '#000000' : 'none'}" ${solid ? '' : `stroke="#161616" stroke-width="${guide ? 0.2 : 0.4}"`}${guide ? ' stroke-dasharray="3 2"' : ''}/>`,
  );
  const texts = labels.map(
    ({ x, y, text, mm = 4 }) =>
      `  <text x="${n(x)}" y="${n(y)}" font-size="${mm}" font-family="sans-serif" fill="#161616">${escape(text)}</text>`,
  );
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${n(w)}mm" height="${n(h)}mm" viewBox="${-MARGIN_MM} ${-MARGIN_MM} ${n(w)} ${n(h)}">
  <title>${escape(title)}, at true size</title>
${[...paths, ...texts].join('\n')}
</svg>
`;
}
