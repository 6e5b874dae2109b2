// Computes a plan's pour and prints what came of it as JSON:
//   npm run -s pour -- FILE.pour.json [--seed N] [--px N] [--out picture.png]
// Faults go to standard error, one a line; exit code 2 then, 1 for wrong arguments.
import { createHash } from 'node:crypto';
import { writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { plainEngine } from '@potter/core/flow';
import { computePour, MOST_PX } from '@potter/core/plan';
import { loadEngine } from '@potter/kernel';
import { PNG } from 'pngjs';
import { fail, readPlan, wholeNumber } from './command';

const USAGE = 'usage: npm run -s pour -- FILE.pour.json [--seed N] [--px N] [--out picture.png]';
/** Longer side of the picture where nothing is said. */
const PX = 512;

function options() {
  try {
    return parseArgs({
      options: {
        seed: { type: 'string' },
        px: { type: 'string', default: String(PX) },
        out: { type: 'string' },
      },
      allowPositionals: true,
    });
  } catch (error) {
    return fail(1, [error instanceof Error ? error.message : String(error), USAGE]);
  }
}

async function main(): Promise<void> {
  const { values, positionals } = options();
  const [file] = positionals;
  if (file === undefined || positionals.length > 1) return fail(1, [USAGE]);
  const px = wholeNumber('px', values.px, 16, MOST_PX);
  const seed =
    values.seed === undefined ? undefined : wholeNumber('seed', values.seed, 0, 2 ** 32 - 1);

  const plan = readPlan(file);
  const engine = await loadEngine().catch(() => plainEngine);
  const { told, finished } = computePour(plan, engine, {
    px,
    ...(seed === undefined ? {} : { seed }),
  });
  const { width, height, rgba } = finished;
  if (values.out !== undefined) {
    const png = new PNG({ width, height });
    png.data = Buffer.from(rgba.buffer);
    try {
      writeFileSync(values.out, PNG.sync.write(png));
    } catch (error) {
      return fail(2, [
        `--out cannot write: ${error instanceof Error ? error.message : String(error)}`,
      ]);
    }
  }
  const hash = createHash('sha256').update(rgba).digest('hex');
  process.stdout.write(`${JSON.stringify({ ...told, hash }, null, 2)}\n`);
}

void main();
