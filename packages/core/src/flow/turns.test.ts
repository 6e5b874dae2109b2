import type { Act } from './act';
import { emptyBirths, NONE } from './births';
import { BOTTOM, runsOf } from './columns';
import { develop } from './develop';
import { BASE, endOf, flipped, poured, scene } from './scene.test-data';
import { strataOf } from './strata';
import { traceBirths } from './trace';
import { placeAt, viewOf } from './view';

/** It takes as long as all else of the strata: the short run leaves it to the full one. */
const inFull = 'POTTER_FULL' in globalThis ? test : test.skip;

/** A thin stream that goes round several times, each turn running out over the one before. */
const ringed = (turns: number): Act =>
  flipped([100, 100], 60, 8, {
    core: false,
    s: 20,
    radiusMm: [{ at: 0, mm: 7 }],
    pathMm: Array.from({ length: 24 * turns + 1 }, (_, k): [number, number] => {
      const angle = (2 * Math.PI * k) / 24;
      return [100 + 12 * Math.cos(angle), 100 + 12 * Math.sin(angle)];
    }),
  });

// Turns of a ring differ by less of their cup than most folds do. Between them lies nothing: no strata of the cup that were left out.
inFull('turns on turns: columns hold what a trace at every depth finds', () => {
  const what = scene([BASE, ringed(6), { kind: 'rest', s: 30 }]);
  const { pour, kernel } = poured(what, 64);
  const strata = strataOf(what);
  const plate = endOf(develop(pour, kernel, 200));
  const view = endOf(viewOf(pour, plate.width, plate.height));
  const LEVELS = 24;
  let wrong = 0;
  let all = 0;
  for (let y = 55; y < 150; y += 9)
    for (let x = 55; x < 150; x += 9) {
      const [cx, cy] = placeAt(view, x, y);
      const births = emptyBirths(LEVELS);
      const at = {
        index: Int32Array.from({ length: LEVELS }, (_, n) => n),
        x: new Float32Array(LEVELS).fill(cx),
        y: new Float32Array(LEVELS).fill(cy),
        z: Float32Array.from({ length: LEVELS }, (_, n) => 1 - (n + 0.5) / LEVELS / 2),
        count: LEVELS,
      };
      endOf(traceBirths(pour, kernel, at, births));
      const { strata: stratum, ends } = runsOf(plate.columns, y * plate.width + x);
      for (let n = 0; n < LEVELS; n++) {
        if (births.source[n] === NONE) continue;
        births.wave[n] = strata.wave(births, n);
        const found = strata.of(births.source[n]!, strata.bin(births, n), strata.across(births, n));
        const depth = (BOTTOM * (n + 0.5)) / LEVELS / 2;
        let run = 0;
        while (run + 1 < ends.length && ends[run]! < depth) run++;
        all++;
        if (stratum[run] !== found) wrong++;
      }
    }
  expect(all).toBeGreaterThan(2000);
  expect(wrong / all).toBeLessThan(0.21);
});
