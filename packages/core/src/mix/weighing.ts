import { roundTo } from '../quantity/apportion';
import type { WeighStep } from './weigh';

/** One ingredient on its way into the cup. */
export interface WeighLine {
  readonly material: string;
  /** What the recipe asks for, g; nothing for what only makes good. */
  readonly recipeG: number;
  /** What is to go in now: the recipe's, grown where something was poured over, g. */
  readonly targetG: number;
  /** Oil is counted in drops. */
  readonly drops?: number;
  readonly powder?: true;
  /** What went in; absent while it has not. */
  readonly actualG?: number;
  /** Added to make good an ingredient that came out too heavy. */
  readonly more?: boolean;
}

/** One mix being weighed up: its lines in order, and by how much the whole has grown through over-pours. */
export interface Weighing {
  readonly mix: string;
  readonly lines: readonly WeighLine[];
  readonly scale: number;
}

export const beginWeighing = (mix: string, steps: readonly WeighStep[]): Weighing => ({
  mix,
  scale: 1,
  lines: steps.map(({ material, g, drops, powder }) => ({
    material,
    recipeG: g,
    targetG: g,
    ...(drops === undefined ? {} : { drops }),
    ...(powder ? { powder } : {}),
  })),
});

/** The line that is next, or -1 when all is in. */
export const nextLine = ({ lines }: Weighing): number =>
  lines.findIndex((l) => l.actualG === undefined);

/** What has gone in so far, oil left out since no scale tells it. */
export const weighedG = ({ lines }: Weighing): number =>
  tidy(lines.reduce((sum, l) => sum + (l.drops === undefined ? (l.actualG ?? 0) : 0), 0));

/** What the whole comes to as it is planned now. */
export const wholeG = ({ lines }: Weighing): number =>
  tidy(lines.reduce((sum, l) => sum + (l.drops === undefined ? (l.actualG ?? l.targetG) : 0), 0));

/** Enters what went in for the line that is next. */
export function taken(weighing: Weighing, g: number): Weighing {
  const at = nextLine(weighing);
  return at < 0
    ? weighing
    : {
        ...weighing,
        lines: weighing.lines.map((l, i) => (i === at ? { ...l, actualG: tidy(g) } : l)),
      };
}

/** Takes back the last addition that was entered; what had been added to make good goes with the over-pour that asked for it. */
export function takenBack(weighing: Weighing): Weighing {
  const at = nextLine(weighing);
  const last = (at < 0 ? weighing.lines.length : at) - 1;
  if (last < 0) return weighing;
  return {
    ...weighing,
    lines: weighing.lines.map((l, i) => {
      if (i !== last) return l;
      const { actualG: _, ...open } = l;
      return open;
    }),
  };
}

/** How far a line may be off before it counts as poured over, of its target; at least one step of the scale. */
const OVER_SHARE = 0.02;

/** Whether this addition is so much over its target that ratios no longer hold. */
export const isOver = (line: WeighLine, g: number, stepG: number): boolean =>
  line.drops === undefined && g - line.targetG > Math.max(stepG, OVER_SHARE * line.targetG) + 1e-9;

export interface Rescue {
  readonly weighing: Weighing;
  /** What the whole comes to afterwards, and how much that is more than was planned, g. */
  readonly wholeG: number;
  readonly moreG: number;
}

/**
 * Makes good an over-pour: everything still to come grows in the same relation, and of what is in already more is asked for, so that the recipe's
 * ratios hold. Amounts are whole steps of the scale. Drops grow too, rounded to whole ones.
 */
export function rescued(weighing: Weighing, stepG: number): Rescue {
  const wanted = new Map<string, number>();
  const had = new Map<string, number>();
  for (const l of weighing.lines) {
    if (l.drops !== undefined) continue;
    wanted.set(l.material, (wanted.get(l.material) ?? 0) + l.recipeG);
    had.set(l.material, (had.get(l.material) ?? 0) + (l.actualG ?? 0));
  }
  let factor = 1;
  for (const [material, g] of wanted)
    if (g > 0) factor = Math.max(factor, (had.get(material) ?? 0) / g);
  const open = weighing.lines.filter((l) => l.actualG === undefined && !l.more);
  const done = weighing.lines.filter((l) => l.actualG !== undefined);
  const extra = [...wanted].flatMap(([material, g]): WeighLine[] => {
    const stillOpen = open.some((l) => l.material === material);
    const lack = roundTo(g * factor - (had.get(material) ?? 0), stepG);
    return !stillOpen && lack >= stepG ? [{ material, recipeG: 0, targetG: lack, more: true }] : [];
  });
  const grown = open.map((l): WeighLine => ({
    ...l,
    targetG: l.drops === undefined ? roundTo(l.recipeG * factor, stepG) : l.recipeG * factor,
    ...(l.drops === undefined
      ? {}
      : { drops: Math.max(1, Math.round((l.drops / weighing.scale) * factor)) }),
  }));
  const next: Weighing = {
    mix: weighing.mix,
    scale: factor,
    // Oil stays last.
    lines: [
      ...done,
      ...extra,
      ...grown.filter((l) => l.drops === undefined),
      ...grown.filter((l) => l.drops !== undefined),
    ],
  };
  const planned = [...wanted.values()].reduce((sum, g) => sum + g, 0);
  return { weighing: next, wholeG: wholeG(next), moreG: tidy(wholeG(next) - planned) };
}

const tidy = (g: number): number => Number(g.toFixed(6));
