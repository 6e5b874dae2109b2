import { BOTTOM, runsOf } from './columns';
import { develop } from './develop';
import { BASE, birthAt, endOf, flipped, poured, scene } from './scene.test-data';
import { mixesOf } from './strata';

test('columns hold what lies deep as a trace finds it there, below however many layers', () => {
  // Stirred through, so that it comes out in rings: more of them lie on one another than a column has runs.
  const cup = flipped([100, 100], 90, 4, { stir: 0.6 });
  const flip = poured(scene([BASE, cup, { kind: 'tilt', towardDeg: 20, angleDeg: 8, s: 12 }]), 48);
  const plate = endOf(develop(flip.pour, flip.kernel, 128));
  const mixes = mixesOf(flip.pour.scene);
  let [right, all, full] = [0, 0, 0];
  for (let y = 20; y < plate.height; y += 8)
    for (let x = 20; x < plate.width; x += 8) {
      const pixel = y * plate.width + x;
      if (plate.cover[pixel] !== 255) continue;
      const { strata, ends } = runsOf(plate.columns, pixel);
      if (strata.length > 12) full++;
      for (const depth of [0.55, 0.7, 0.85, 0.95]) {
        const run = ends.findIndex((end) => end >= depth * BOTTOM);
        const at = [(x + 0.5) / plate.pxPerMm, (y + 0.5) / plate.pxPerMm] as const;
        all++;
        if (birthAt(flip, at, 1 - depth).mix === mixes[strata[run]!]) right++;
      }
    }
  expect(full).toBeGreaterThan(10);
  expect(right / all).toBeGreaterThan(0.8);
});
