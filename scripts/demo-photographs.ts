// Takes the demo's photographs anew, from its plans poured by another seed and looked at by a camera of its own:
//   npm run demo:photographs [-- NAME…]
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { plainEngine } from '@potter/core/flow';
import { computePour } from '@potter/core/plan';
import { loadEngine } from '@potter/kernel';
import { handShot, photograph } from './camera';
import { readPlan } from './command';

interface Told {
  readonly name: string;
  readonly plan: string;
  readonly seed: number;
  readonly states: readonly ('wet' | 'dry' | 'coated')[];
}

const FOLDER = 'demo/orchard-ledger';
/** Of the photograph and of the picture it is taken of, px. */
const [WIDTH, HEIGHT, FLAT_PX] = [960, 720, 900];
/** How much a window shines in it. */
const GLOSS = { wet: 0.35, dry: 0, coated: 0.22 } as const;
const QUALITY = 76;

async function main(): Promise<void> {
  const wanted = process.argv.slice(2);
  const all = JSON.parse(readFileSync(join(FOLDER, 'pieces.json'), 'utf8')) as Told[];
  const engine = await loadEngine().catch(() => plainEngine);
  mkdirSync(join(FOLDER, 'photographs'), { recursive: true });
  for (const { name, plan, seed, states } of all) {
    if (wanted.length > 0 && !wanted.includes(name)) continue;
    const { finished } = computePour(readPlan(join(FOLDER, 'plans', plan)), engine, {
      px: FLAT_PX,
      seed,
    });
    const upright = finished.height > finished.width;
    for (const [nth, state] of states.entries()) {
      const shot = handShot(
        10 * seed + nth,
        upright ? [HEIGHT, WIDTH] : [WIDTH, HEIGHT],
        finished,
        GLOSS[state],
      );
      const bytes = await photograph(finished, shot, QUALITY);
      writeFileSync(join(FOLDER, 'photographs', `${name}-${state}.jpg`), bytes);
      process.stdout.write(`${name}-${state} ${Math.round(bytes.length / 1024)} kB\n`);
    }
  }
}

void main();
