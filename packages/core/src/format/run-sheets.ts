import { preparation, stageSteps } from '../journal';
import type { CupToLoad } from '../plan/asked/loading';
import type { Brief } from '../plan/brief/brief';
import { verbScene } from '../plan/brief/table';
import type { Plan } from '../plan/document/schema';
import { trim } from '../quantity/show';
import { stagesOf } from '../schedule';
import { shapeOf } from '../surface/measure';
import { sizeWords } from '../surface/size-words';
import { markOf, type Move, type RunStep, type Scene, verbOf } from '../verb';
import { fitting, wrapped } from './lines';
import type { Template } from './template';

/**
 * A pour on paper, to be pinned up where no screen is wanted: first what is loaded, cup by cup, then the moves, each with its marks on a small
 * surface. Words are large enough for an arm's length: 14 points and more (common practice for reading from a metre, no published source).
 */

/** A page that fits both papers, with the strip at its foot left free, mm. */
const PAGE = { widthMm: 186, heightMm: 244 } as const;
/** Heights of words, mm: 22, 17 and 14 points. */
const TITLE_MM = 7.8;
const HEAD_MM = 6;
const TEXT_MM = 4.9;
const LINE_MM = 6.6;
/** The small surface beside a move, and the room between two moves, mm. */
const FACE_MM = 34;
const GAP_MM = 5;
const TICK_MM = 6;
const INDENT_MM = 10;
const HEADER_MM = 22;

type Line = Template['lines'][number];
type Label = Template['labels'][number];

/** Something that stands on a page whole. */
interface Block {
  readonly heightMm: number;
  /** It is the head of what follows: never the last of its page. */
  readonly heads?: true;
  /** Drawn with its upper edge at y. */
  readonly at: (y: number) => {
    readonly lines: readonly Line[];
    readonly labels: readonly Label[];
  };
}

/** The sheets of a plan's pour, one template a page. */
export function runSheets(
  plan: Plan,
  brief: Brief,
  cups: readonly CupToLoad[],
  nameOf: (mix: string) => string,
): Template[] {
  const steps = stageSteps(plan, brief.run);
  const later = stagesOf(plan).slice(1);
  const blocks = [
    ...cups.map((cup) => cupBlock(cup, nameOf)),
    ...steps.map((step, i) => moveBlock(plan, step, i)),
    ...later.flatMap(({ title }, nth) => [
      stageBlock(`Stage ${nth + 2}: ${title}`),
      ...stageSteps(plan, brief.run, nth + 1).map((step, i) => moveBlock(plan, step, i)),
    ]),
  ];
  const pages: Block[][] = [[]];
  let y = HEADER_MM;
  for (const [i, block] of blocks.entries()) {
    const together = block.heads ? GAP_MM + (blocks[i + 1]?.heightMm ?? 0) : 0;
    if (y + block.heightMm + together > PAGE.heightMm && pages.at(-1)!.length > 0) {
      pages.push([]);
      y = HEADER_MM;
    }
    pages.at(-1)!.push(block);
    y += block.heightMm + GAP_MM;
  }
  const before = preparation(plan).length;
  return pages.map((page, i) => {
    let top = HEADER_MM;
    const drawn = page.map((block) => {
      const at = block.at(top);
      top += block.heightMm + GAP_MM;
      return at;
    });
    const says = [
      sizeWords(plan.surface.shape, 'cm'),
      `${trim(brief.budget.totalG, 0)} g`,
      `${steps.length} moves`,
      ...(before > 0 ? [`${before} to do before`] : []),
      `sheet ${i + 1} of ${pages.length}`,
    ];
    return {
      title: `${plan.title}, run sheet`,
      ...PAGE,
      lines: [
        { d: `M0 ${HEADER_MM - 4}H${PAGE.widthMm}`, guide: false },
        ...drawn.flatMap(({ lines }) => lines),
      ],
      labels: [
        { x: 0, y: TITLE_MM, text: fitting(plan.title, TITLE_MM, PAGE.widthMm), mm: TITLE_MM },
        { x: 0, y: TITLE_MM + LINE_MM, text: says.join(' · '), mm: TEXT_MM },
        ...drawn.flatMap(({ labels }) => labels),
      ],
    };
  });
}

/** What goes into a cup, the first first, and what a scale that adds up reads after each. */
function cupBlock(cup: CupToLoad, nameOf: (mix: string) => string): Block {
  const rows = cup.steps.map(
    (step) => `${trim(step.g, 1)} g ${nameOf(step.material)}, reads ${trim(step.scaleReadsG, 1)}`,
  );
  return {
    heightMm: Math.max(TICK_MM, HEAD_MM + rows.length * LINE_MM + 2),
    at: (y) => ({
      lines: [tick(y)],
      labels: [
        head(y, cup.name),
        ...rows.map((text, i) => row(y, i, fitting(text, TEXT_MM, PAGE.widthMm - INDENT_MM))),
      ],
    }),
  };
}

/** What follows is another day's. */
function stageBlock(title: string): Block {
  return {
    heightMm: HEAD_MM + 3,
    heads: true,
    at: (y) => ({
      lines: [{ d: `M0 ${y}H${PAGE.widthMm}`, guide: false }],
      labels: [
        { x: 0, y: y + HEAD_MM + 1, text: fitting(title, HEAD_MM, PAGE.widthMm), mm: HEAD_MM },
      ],
    }),
  };
}

/** A move in words, with its amounts and its time, and where it acts. */
function moveBlock(plan: Plan, step: RunStep, nth: number): Block {
  const move = plan.moves.find((m) => m.id === step.move);
  const scene = verbScene(plan);
  const drawing = move ? marked(plan, move, scene) : undefined;
  const widthMm = PAGE.widthMm - INDENT_MM - (drawing ? FACE_MM + GAP_MM : 0);
  const seconds = step.endS - step.startS;
  const facts = [
    ...step.takes.map(({ g }) => `${trim(g, 1)} g`),
    ...(seconds > 0 ? [timeWords(seconds)] : []),
    ...(step.times > 1 ? [`${step.times} pieces, one after another`] : []),
  ];
  const rows = [
    ...wrapped([step.says, step.note, step.until].filter(Boolean).join(' '), TEXT_MM, widthMm),
    ...(facts.length > 0 ? wrapped(facts.join(' · '), TEXT_MM, widthMm) : []),
  ];
  const written = HEAD_MM + rows.length * LINE_MM + 2;
  return {
    heightMm: Math.max(written, drawing ? FACE_MM : 0),
    at: (y) => ({
      lines: [tick(y), ...(drawing?.(PAGE.widthMm - FACE_MM, y) ?? [])],
      labels: [
        head(y, fitting(`${nth + 1} ${step.title}`, HEAD_MM, widthMm)),
        ...rows.map((text, i) => row(y, i, text)),
      ],
    }),
  };
}

const head = (y: number, text: string): Label => ({
  x: INDENT_MM,
  y: y + HEAD_MM - 1,
  text,
  mm: HEAD_MM,
});
const row = (y: number, nth: number, text: string): Label => ({
  x: INDENT_MM,
  y: y + HEAD_MM - 1 + (nth + 1) * LINE_MM,
  text,
  mm: TEXT_MM,
});

/** A box to be ticked off with a pencil. */
const tick = (y: number): Line => ({
  d: `M0 ${y}h${TICK_MM}v${TICK_MM}h${-TICK_MM}Z`,
  guide: false,
});

/** The surface made small, with what a move marks on it; none where it marks nothing. */
function marked(
  plan: Plan,
  move: Move,
  scene: Scene,
): ((x: number, y: number) => Line[]) | undefined {
  const marks = verbOf(move).marks?.(move, scene) ?? [];
  if (marks.length === 0) return undefined;
  const shape = shapeOf(plan.surface.shape);
  const { widthMm, heightMm } = shape.bounds(plan.surface.shape);
  const rings = shape.rings(plan.surface.shape);
  const face = { widthMm, heightMm, rings };
  const k = FACE_MM / Math.max(widthMm, heightMm);
  return (x, y) => {
    const path = (points: readonly (readonly [number, number])[], closed: boolean) =>
      `M${points.map(([px, py]) => `${n(x + px * k)} ${n(y + py * k)}`).join('L')}${closed ? 'Z' : ''}`;
    return [
      ...rings.map((ring) => ({ d: path(pairsOf(ring), true), guide: false })),
      ...marks.flatMap((mark) =>
        markOf(mark)
          .strokes(mark, face)
          .map(({ points, closed, filled }): Line => ({
            d: path(points, closed === true),
            guide: false,
            ...(filled ? { solid: true } : {}),
          })),
      ),
    ];
  };
}

/** Points of a ring, which is x and y in turn. */
const pairsOf = (ring: readonly number[]): (readonly [number, number])[] =>
  Array.from({ length: ring.length / 2 }, (_, i) => [ring[2 * i]!, ring[2 * i + 1]!]);

const n = (mm: number): string => trim(mm, 2);

const timeWords = (seconds: number): string =>
  seconds < 90 ? `${trim(seconds, 0)} s` : `${trim(seconds / 60, 1)} min`;
