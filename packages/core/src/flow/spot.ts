import { type Cells, turnedFrom } from './cell';
import type { FilmKernel } from './kernel';
import { numbered } from './numbered';
import { filmHeight } from './outline';
import type { Pour } from './simulate';
import { strataOf } from './strata';
import { emptyBirths, NONE } from './births';
import { traceBirths } from './trace';

/** One stratum of a core drilled through the film, surface first. */
export interface SpotLayer {
  readonly mix: string;
  readonly um: number;
}

/** Places down the core: fine enough that laminae of a hundredth of the film are told. */
const LEVELS = 200;

/**
 * Drills a core through the wet film at a spot: its layers from the surface down, wet µm. Empty on bare ground.
 * A generator, for the trace takes a moment; it yields the share done.
 * @param mixOf the mix of each stratum, as `mixesOf` numbers them
 * @param cells those the finished surface has; none where absent
 */
export function* coreAt(
  pour: Pour,
  kernel: FilmKernel,
  xMm: number,
  yMm: number,
  mixOf: readonly string[],
  cells?: Cells,
): Generator<number, readonly SpotLayer[]> {
  const { site } = pour;
  const toCells = (mm: number, axis: 0 | 1) => (mm + site.originMm[axis]) / site.cellMm;
  const um = 1e6 * filmHeight(pour)(toCells(xMm, 0), toCells(yMm, 1));
  if (um < 20) return [];
  const turned = cells && turnedFrom(cells, [xMm, yMm], um);
  // From the surface itself down to just above the ground.
  const levels = Array.from({ length: LEVELS }, (_, i) => {
    const depth = i / LEVELS;
    return turned ? turned(depth) : { atMm: [xMm, yMm] as const, depth };
  });
  const births = emptyBirths(LEVELS);
  yield* traceBirths(
    pour,
    kernel,
    {
      index: numbered(LEVELS),
      x: Float32Array.from(levels, ({ atMm }) => toCells(atMm[0], 0)),
      y: Float32Array.from(levels, ({ atMm }) => toCells(atMm[1], 1)),
      z: Float32Array.from(levels, ({ depth }) => 1 - depth),
      count: LEVELS,
    },
    births,
  );
  const strata = strataOf(pour.scene);
  for (let i = 0; i < LEVELS; i++) births.wave[i] = strata.wave(births, i);
  const layers: SpotLayer[] = [];
  for (let i = 0; i < LEVELS; i++) {
    const stratum = strata.at(births, i);
    if (stratum === NONE) continue;
    const mix = mixOf[stratum]!;
    const last = layers.at(-1);
    if (last?.mix === mix) layers[layers.length - 1] = { mix, um: last.um + um / LEVELS };
    else layers.push({ mix, um: um / LEVELS });
  }
  return layers;
}
