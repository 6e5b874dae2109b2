import { develop, FIRST_LOOK, type Plate } from './develop';
import type { Engine } from './engine';
import { layGrid } from './ground';
import { at } from './progress';
import type { PourScene } from './scene';
import { pourOn } from './simulate';

/** A look at a pour before it is computed: from a film with so many cells along its longer side, as a picture with so many pixels along its own. */
export interface FirstLook {
  readonly cells: number;
  readonly pixels: number;
}

/** What is seen of it. Another grid is another pour, so no figures are told of it. A generator: it yields now and then. */
export function* firstLookAt(
  { make }: Engine,
  samples: number,
  scene: PourScene,
  { cells, pixels }: FirstLook,
): Generator<number, Plate> {
  const site = layGrid(scene, cells);
  const kernel = make(site.grid, samples);
  const pour = yield* at(0, pourOn(kernel, scene, site));
  return yield* at(0, develop(pour, kernel, pixels, FIRST_LOOK));
}
