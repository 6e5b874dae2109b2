import { fillableMl, levelAtMm, volumeAtMl, wallMm } from '../vessel/frustum';
import type { Vessel } from '../vessel/schema';
import type { WeighStep } from './weigh';
import type { Weighing, WeighLine } from './weighing';

/** Medium to paint, by volume, at which it is about where the medium just covers the paint (estimate, see the ratio's own words). */
const COVERS_FROM = 0.8;
const COVERS_TO = 1.3;

/** By eye nobody is nearer than this on the wall of a cup, mm (estimate). */
const EYE_MM = 1.5;

/** What one line of a mix looks like for those who measure by eye, in one of some equal fills of a cup. */
export interface EyeMark {
  /** What is to go in now, mL in one fill. */
  readonly ml: number;
  /** Where what is in already stands, mm above the floor. */
  readonly fromMm: number;
  /** Where it stands once that is in, mm above the floor, and along the wall. */
  readonly levelMm: number;
  readonly wallMm: number;
  /** Parts of it to one part of all paint; nothing where there is no paint, as in a medium. */
  readonly parts?: number;
  /** It is medium, and about as much as just covers the paint. */
  readonly justCovers: boolean;
  /** What an eye on the wall cannot tell from what was meant, g over all fills. */
  readonly stepG: number;
}

/** Equal fills of a cup that hold so much with head-room left. */
export const fillsOf = (vessel: Vessel, ml: number): number =>
  Math.max(1, Math.ceil(ml / fillableMl(vessel) - 1e-9));

/** Volume of a gram of each thing in a recipe, mL. */
export const mlPerG = (steps: readonly WeighStep[]): ReadonlyMap<string, number> =>
  new Map(steps.map((s) => [s.material, s.g > 0 ? s.ml / s.g : 1]));

/**
 * Where the line that is to go in next ends in the cup, all that is in already below it.
 * @param steps the recipe the weighing began from, for volumes
 * @param paints ids of what counts as paint
 */
export function eyeMark(
  weighing: Weighing,
  at: number,
  steps: readonly WeighStep[],
  paints: ReadonlySet<string>,
  vessel: Vessel,
  fills: number,
): EyeMark {
  const perG = mlPerG(steps);
  const mlOf = (line: WeighLine, g: number) => g * (perG.get(line.material) ?? 1);
  const line = weighing.lines[at];
  const ml = line ? mlOf(line, line.targetG) : 0;
  const belowMl = weighing.lines
    .slice(0, at)
    .reduce((sum, l) => sum + mlOf(l, l.actualG ?? l.targetG), 0);
  const paintMl = weighing.lines
    .filter((l) => paints.has(l.material))
    .reduce((sum, l) => sum + mlOf(l, l.actualG ?? l.targetG), 0);
  const fromMm = levelAtMm(vessel, belowMl / fills);
  const levelMm = levelAtMm(vessel, (belowMl + ml) / fills);
  const parts = paintMl > 0 ? ml / paintMl : undefined;
  return {
    ml: ml / fills,
    fromMm,
    levelMm,
    wallMm: wallMm(vessel, levelMm),
    ...(parts === undefined ? {} : { parts }),
    justCovers:
      at === 1 &&
      line !== undefined &&
      !paints.has(line.material) &&
      parts !== undefined &&
      parts >= COVERS_FROM &&
      parts <= COVERS_TO,
    stepG: line && levelMm > fromMm ? (line.targetG / (levelMm - fromMm)) * EYE_MM : 0,
  };
}

/** Grams of the line that is next, from where the cup stands now: the rest of what is in it, over all fills. */
export function gramsAtLevel(
  weighing: Weighing,
  at: number,
  steps: readonly WeighStep[],
  vessel: Vessel,
  fills: number,
  levelMm: number,
): number {
  const perG = mlPerG(steps);
  const line = weighing.lines[at];
  if (!line) return 0;
  const belowMl = weighing.lines
    .slice(0, at)
    .reduce((sum, l) => sum + (l.actualG ?? l.targetG) * (perG.get(l.material) ?? 1), 0);
  const ml = volumeAtMl(vessel, levelMm) * fills - belowMl;
  return Math.max(0, ml) / (perG.get(line.material) ?? 1);
}
