// Takes the demo's photographs anew, from its plans poured by another seed and looked at by a camera of its own:
//   npm run demo:photographs [-- NAME…]     each takes a minute or so
//   npm run demo:photographs -- --corners   only where the corners of each fall, which is quick
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { plainEngine } from '@potter/core/flow';
import { computePour } from '@potter/core/plan';
import { shapeOf } from '@potter/core/surface';
import { loadEngine } from '@potter/kernel';
import { handShot, onPhotograph, type Shot } from '@potter/core/camera';
import { photograph } from './camera';
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
  if (wanted[0] === '--corners') return tellCorners();
  const all = JSON.parse(readFileSync(join(FOLDER, 'pieces.json'), 'utf8')) as Told[];
  const engine = await loadEngine().catch(() => plainEngine);
  mkdirSync(join(FOLDER, 'photographs'), { recursive: true });
  for (const { name, plan, seed, states } of all) {
    if (wanted.length > 0 && !wanted.includes(name)) continue;
    const { finished } = computePour(readPlan(join(FOLDER, 'plans', plan)), engine, {
      px: FLAT_PX,
      seed,
    });
    for (const [nth, state] of states.entries()) {
      const bytes = await photograph(finished, shotOf(seed, nth, finished, state), QUALITY);
      writeFileSync(join(FOLDER, 'photographs', `${name}-${state}.jpg`), bytes);
      process.stdout.write(`${name}-${state} ${Math.round(bytes.length / 1024)} kB\n`);
    }
  }
}

type Sides = Parameters<typeof handShot>[2];

const shotOf = (seed: number, nth: number, sides: Sides, state: keyof typeof GLOSS): Shot =>
  handShot(
    10 * seed + nth,
    sides.height > sides.width ? [HEIGHT, WIDTH] : [WIDTH, HEIGHT],
    sides,
    GLOSS[state],
  );

/** Writes where the corners of each piece fall on its photographs, as shares of their sides: what an artist would have set by finger. */
function tellCorners(): void {
  const all = JSON.parse(readFileSync(join(FOLDER, 'pieces.json'), 'utf8')) as Told[];
  const corners: Record<string, readonly (readonly number[])[]> = {};
  for (const { name, plan, seed, states } of all) {
    const { shape } = readPlan(join(FOLDER, 'plans', plan)).surface;
    const { widthMm, heightMm } = shapeOf(shape).bounds(shape);
    const long = Math.max(widthMm, heightMm);
    const sides = {
      width: Math.round((FLAT_PX * widthMm) / long),
      height: Math.round((FLAT_PX * heightMm) / long),
    };
    for (const [nth, state] of states.entries()) {
      const shot = shotOf(seed, nth, sides, state);
      corners[`${name}-${state}`] = CORNERS.map(([x, y]) => {
        const [px, py] = onPhotograph(shot, (x * widthMm) / long / 2, (y * heightMm) / long / 2);
        return [px / shot.width, py / shot.height].map((share) => Number(share.toFixed(4)));
      });
    }
  }
  writeFileSync(
    join(FOLDER, 'photographs', 'corners.json'),
    `${JSON.stringify(corners, null, 2)}\n`,
  );
}

/** Clockwise from the upper left, the middle 0, each side 1 away. */
const CORNERS = [
  [-1, -1],
  [1, -1],
  [1, 1],
  [-1, 1],
] as const;

void main();
