// A technique chosen for a plan of 50 × 40 cm: its moves, its first picture, and the finished one of 512 px. One thread, as a page's worker.
import { readFileSync } from 'node:fs';
import { type Engine, pourJob, workbench } from '@potter/core/flow';
import { brief, edit, type Plan, pourAskOf, previewOf } from '@potter/core/plan';
import { type TechniqueId, TECHNIQUES } from '@potter/core/technique';
import { loadEngine } from '@potter/kernel';
import { report } from './report.mjs';

/** As the page's preview asks for it. */
const ASKED = { pixels: [512], soon: { cells: 64, pixels: 160 } } as const;
const FILE = 'demo/orchard-ledger/plans/1-quince-and-slate.pour.json';
/** What takes more acts may take longer. */
const LONG: ReadonlySet<string> = new Set(['bloom', 'dutch-pour', 'string-pull']);

function timed(engine: Engine, plan: Plan, id: TechniqueId) {
  const from = performance.now();
  const set = edit.setTechnique(plan, id).plan;
  const ask = { ...pourAskOf(previewOf(set, brief(set))), ...ASKED };
  let first: number | undefined;
  for (const told of pourJob(workbench(engine), ask))
    if (typeof told !== 'number' && told.kind === 'picture') first ??= performance.now() - from;
  return { firstMs: first ?? 0, wholeMs: performance.now() - from };
}

async function main() {
  const engine = await loadEngine();
  const plan: Plan = JSON.parse(readFileSync(FILE, 'utf8'));
  const only = process.argv.slice(2);
  timed(engine, plan, 'flip-cup');
  for (const { id, name } of Object.values(TECHNIQUES)) {
    if (only.length > 0 && !only.includes(id)) continue;
    const { firstMs, wholeMs } = timed(engine, plan, id as TechniqueId);
    const long = LONG.has(id);
    report(
      `${name}: chosen, its moves and first picture`,
      firstMs / 1000,
      's',
      long ? '≤ 1.5' : '≤ 0.7',
    );
    report(`${name}: finished`, wholeMs / 1000, 's', long ? '≤ 4' : '≤ 2.2');
  }
}

void main();
