import type { PourAsk, Workbench } from './job';
import { coreAt, type SpotLayer } from './spot';
import { mixesOf } from './strata';

/**
 * Drills through all that stands on a bench at a spot: a core of each pour, the last first, for that is met first; see `coreAt`. None before
 * anything is poured. A generator; it yields the share done of each.
 * @param ask what was last asked of the bench: the same births may have other colours by now
 */
export function* coresOn(
  { engine, poured, cells, over: later = [] }: Workbench,
  { scene, over = [] }: Pick<PourAsk, 'scene' | 'over'>,
  xMm: number,
  yMm: number,
): Generator<number, readonly (readonly SpotLayer[])[]> {
  if (!poured) return [];
  const cores: (readonly SpotLayer[])[] = [];
  const pours = [
    { pour: poured.pour, scene, cells: cells?.cells },
    ...later.map(({ pour, cells: open }, n) => ({ pour, scene: over[n]?.scene, cells: open })),
  ];
  for (const one of pours.reverse()) {
    // A kernel of its own: the bench's may be in the middle of a trace.
    const kernel = engine.make(one.pour.site.grid, SAMPLES);
    const mixOf = mixesOf(one.scene ?? one.pour.scene);
    cores.push(yield* coreAt(one.pour, kernel, xMm, yMm, mixOf, one.cells));
  }
  return cores;
}

/** Places traced at a time: a core has no more. */
const SAMPLES = 256;
