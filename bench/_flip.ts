import { readFileSync } from 'node:fs';
import { pourJob, workbench } from '@potter/core/flow';
import { brief, type Plan, pourAskOf, previewOf } from '@potter/core/plan';
import { loadEngine } from '@potter/kernel';
async function main() {
  const engine = await loadEngine();
  const plan: Plan = JSON.parse(
    readFileSync(
      process.argv[2] ?? 'demo/orchard-ledger/plans/1-quince-and-slate.pour.json',
      'utf8',
    ),
  );
  for (let n = 1; n <= Number(process.argv[3] ?? 4); n++) {
    const ask = {
      ...pourAskOf(previewOf(plan, brief(plan), n)),
      pixels: [512],
      soon: { cells: 64, pixels: 160 },
    };
    const from = performance.now();
    for (const told of pourJob(workbench(engine), ask))
      if (typeof told !== 'number')
        console.log(told.kind, (told as any).doing ?? '', (performance.now() - from).toFixed(0));
  }
}
void main();
