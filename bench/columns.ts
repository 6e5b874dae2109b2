// How far pictures are from fully traced columns: for each demo plan and size, the mean ΔE00 over places of the face and the share of
// them that is off by more than 5. The reference traces 192 heights at each place, close together near the surface, and casts light through every one.
// PLACES, SIZES and PLANS in the environment: how many places, pixels along the longer side, and beginnings of the plans' file names.
import { readFileSync, readdirSync } from 'node:fs';
import {
  layGrid,
  mixesOf,
  type Engine,
  plainEngine,
  type PourScene,
  pourOn,
  type Palette,
} from '@potter/core/flow';
import { brief, previewOf } from '@potter/core/plan';
import { loadEngine } from '@potter/kernel';
import { colourPlate } from '../packages/core/src/flow/colour';
import { develop, type Plate } from '../packages/core/src/flow/develop';
import { filmHeight } from '../packages/core/src/flow/outline';
import { strataOf } from '../packages/core/src/flow/strata';
import { emptyBirths, NONE } from '../packages/core/src/flow/births';
import { traceBirths } from '../packages/core/src/flow/trace';
import { deltaE2000 } from '../packages/core/src/optics/delta-e';
import { filmSpectrum } from '../packages/core/src/optics/film';
import { hexToLab } from '../packages/core/src/optics/lab';
import { spectrumToHex } from '../packages/core/src/optics/spectrum';

const FOLDER = 'demo/orchard-ledger/plans';
/**
 * Heights of the reference. With 96 of them, deep ones closer, a layer of a few µm was told by its neighbour's depth: walnut rings came out 0.2 worse
 * than they are. Twice as many as these change no figure by more than 0.01.
 */
const LEVELS = 192;
/** How deep a height lies, 0..1. */
const depthOf = (level: number): number =>
  (Math.max(0, Math.min(LEVELS - 1, level)) / (LEVELS - 1)) ** 2.5;
const PLACES = Number(process.env.PLACES ?? 1500);
const SIZES = (process.env.SIZES ?? '512,1024').split(',').map(Number);
const PLANS = (process.env.PLANS ?? '').split(',');

const endOf = <T>(work: Generator<unknown, T>): T => {
  let step = work.next();
  while (!step.done) step = work.next();
  return step.value;
};
const hexAt = (rgba: Uint8ClampedArray, i: number) =>
  `#${[0, 1, 2].map((c) => rgba[4 * i + c]!.toString(16).padStart(2, '0')).join('')}`;

async function main(): Promise<void> {
  const engine = await loadEngine().catch(() => plainEngine);
  for (const file of readdirSync(FOLDER)) {
    if (!PLANS.some((name) => file.startsWith(name))) continue;
    const plan = JSON.parse(readFileSync(`${FOLDER}/${file}`, 'utf8'));
    const { scene, palette } = previewOf(plan, brief(plan));
    measure(engine, file.replace('.pour.json', ''), scene, dull(palette));
  }
}

/** A palette without the shimmer of its flakes, which a picture puts on and the reference does not. */
const dull = ({ inks, ground }: Palette): Palette => ({
  inks: Object.fromEntries(Object.entries(inks).map(([mix, { q, s }]) => [mix, { q, s }])),
  ground,
});

function measure(engine: Engine, name: string, scene: PourScene, palette: Palette): void {
  const site = layGrid(scene);
  const kernel = engine.make(site.grid, 65_536);
  let t = performance.now();
  const pour = endOf(pourOn(kernel, scene, site));
  const poured = performance.now() - t;
  const mixOf = mixesOf(scene);
  for (const px of SIZES) {
    t = performance.now();
    const plate = endOf(develop(pour, kernel, px));
    const developed = performance.now() - t;
    t = performance.now();
    const rgba = endOf(colourPlate(plate, mixOf, palette, 'dry', engine.makeDye));
    const coloured = performance.now() - t;
    const { mean, off } = apart(plate, rgba);
    console.log(
      `${name.padEnd(24)} ${px} mean ${mean.toFixed(2)}  over 5: ${(100 * off).toFixed(1)} %   poured ${poured.toFixed(0)} developed ${developed.toFixed(0)} coloured ${coloured.toFixed(0)} ms`,
    );
  }

  function apart(plate: Plate, rgba: Uint8ClampedArray): { mean: number; off: number } {
    const film = filmHeight(pour);
    const cellsX = scene.widthMm / plate.width / site.cellMm;
    const cellsY = scene.heightMm / plate.height / site.cellMm;
    const at: number[] = [];
    for (let n = 0; at.length < PLACES && n < 100 * PLACES; n++) {
      const i =
        Math.floor(((n * 0.7548776662466927) % 1) * plate.width) +
        plate.width * Math.floor(((n * 0.5698402909980532) % 1) * plate.height);
      if (plate.cover[i] === 255 && plate.on[i] === 255 && plate.columns.count[i]! > 0) at.push(i);
    }
    const cx = (i: number) => ((i % plate.width) + 0.5) * cellsX + site.originMm[0] / site.cellMm;
    const cy = (i: number) =>
      (Math.floor(i / plate.width) + 0.5) * cellsY + site.originMm[1] / site.cellMm;
    const count = at.length * LEVELS;
    const births = emptyBirths(count);
    endOf(
      traceBirths(
        pour,
        kernel,
        {
          index: Int32Array.from({ length: count }, (_, n) => n),
          x: Float32Array.from({ length: count }, (_, n) => cx(at[Math.floor(n / LEVELS)]!)),
          y: Float32Array.from({ length: count }, (_, n) => cy(at[Math.floor(n / LEVELS)]!)),
          z: Float32Array.from({ length: count }, (_, n) => 1 - depthOf(n % LEVELS)),
          count,
        },
        births,
      ),
    );
    const strata = strataOf(scene);
    let sum = 0;
    let off = 0;
    at.forEach((i, p) => {
      const um = 1e6 * film(cx(i), cy(i));
      let light = Float64Array.from(palette.ground);
      for (let l = LEVELS - 1; l >= 0; l--) {
        const n = p * LEVELS + l;
        if (births.source[n] === NONE) continue;
        births.wave[n] = strata.wave(births, n);
        const ink = palette.inks[mixOf[strata.at(births, n)]!]!;
        const thick = um * ((depthOf(l + 1) - depthOf(l - 1)) / 2);
        light = Float64Array.from(
          filmSpectrum({ q: Float64Array.from(ink.q), s: ink.s }, thick, light),
        );
      }
      const e = deltaE2000(hexToLab(spectrumToHex(light)), hexToLab(hexAt(rgba, i)));
      sum += e;
      if (e > 5) off++;
    });
    return { mean: sum / at.length, off: off / at.length };
  }
}

void main();
