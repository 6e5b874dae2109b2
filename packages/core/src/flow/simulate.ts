import { type Act, actOf, type UnderWay } from './act';
import type { Film } from './film';
import { layGround, type Site, wetted } from './ground';
import type { FilmKernel } from './kernel';
import type { PourScene } from './scene';
import type { Step } from './step';

/** What happened to a film, in order, and where it ended. */
export interface Pour {
  readonly scene: PourScene;
  readonly site: Site;
  readonly steps: readonly Step[];
  /** Wet height at the end, m, cell by cell. */
  readonly h: Float32Array;
  /** What went over each of `SIDES`, mL. */
  readonly spiltMl: readonly [number, number, number, number];
  readonly laidMl: number;
}

/** As many acts as a birth's source can tell apart, `NONE` left out; a plan of 400 moves needs two or three for each. */
export const MOST_ACTS = 0xfffe;

/**
 * Pours a scene on a site. A generator: it yields the share done, 0..1, after each step and returns the pour; stop
 * asking and it stops. The kernel's film is cleared first; the same kernel may then trace the pour.
 * @param spare motions of a pour no longer needed, whose memory is used again where it fits
 * @throws RangeError for more than `MOST_ACTS`
 */
export function* pourOn(
  kernel: FilmKernel,
  scene: PourScene,
  site: Site,
  spare: Int16Array[] = [],
): Generator<number, Pour> {
  if (scene.acts.length > MOST_ACTS)
    throw new RangeError(`a pour holds ${MOST_ACTS} acts at the most, not ${scene.acts.length}`);
  const { film } = kernel;
  film.h.fill(0);
  film.source.fill(0);
  layGround(film, site, scene);
  const steps: Step[] = [];
  const spiltM3: [number, number, number, number] = [0, 0, 0, 0];
  let laidM3 = 0;
  const under: Omit<UnderWay, 'source'> = {
    kernel,
    site,
    nu: scene.nu,
    seed: scene.seed,
    spare: spare.filter((data) => data.length === 3 * film.h.length),
    laid: (m3) => (laidM3 += m3),
    collect: () => collect(film, site, spiltM3),
    xFirst: true,
  };
  const expected = scene.acts.reduce((sum, act) => sum + actOf(act).weight(act), 0);
  let done = 0;
  for (const [source, act] of scene.acts.entries())
    for (const step of actOf(act).run(act, Object.assign(under, { source }))) {
      steps.push(step);
      done += step.weight;
      yield expected > 0 ? Math.min(1, done / expected) : 1;
    }
  return {
    scene,
    site,
    steps,
    h: Float32Array.from(film.h),
    spiltMl: spiltM3.map((m3) => m3 * 1e6) as [number, number, number, number],
    laidMl: laidM3 * 1e6,
  };
}

/** The motions of a pour that is given up, for their memory. */
export const motionsOf = ({ steps }: Pour): Int16Array[] =>
  steps.flatMap(({ motion }) => (motion ? [motion.data] : []));

/** Acts of one kind before each act of a scene. */
export function nthOf(acts: readonly Act[]): number[] {
  const met = new Map<string, number>();
  return acts.map(({ kind }) => {
    const before = met.get(kind) ?? 0;
    met.set(kind, before + 1);
    return before;
  });
}

/** Takes up what ran over the edge, and remembers that the edge is wet there. */
function collect(
  { h, ground, grid }: Film,
  { brink, brinkSide, wetEdgeM }: Site,
  spiltM3: [number, number, number, number],
): void {
  for (let k = 0; k < brink.length; k++) {
    const i = brink[k]!;
    const over = h[i]!;
    if (over === 0) continue;
    spiltM3[brinkSide[k]!] = spiltM3[brinkSide[k]!]! + over * grid.dx * grid.dx;
    h[i] = 0;
    ground[i] = wetted(ground[i]!, wetEdgeM);
  }
}
