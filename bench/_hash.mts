import { readFileSync, readdirSync } from 'node:fs';
import { createHash } from 'node:crypto';
import { brief, previewOf } from '@potter/core/plan';
import { colourPlate, develop, layGrid, mixesOf, pourOn, outcomeOf } from '@potter/core/flow';
import { loadKernel } from '@potter/kernel';
const dir = process.argv[2]!;
const out = process.argv[3];
const make = await loadKernel();
const end = (g: any) => { let s = g.next(); while (!s.done) s = g.next(); return s.value; };
const briefs: any = {};
for (const f of readdirSync(dir).filter((f) => f.endsWith('.json'))) {
  const plan = JSON.parse(readFileSync(`${dir}/${f}`, 'utf8'));
  const b = brief(plan, { today: '2026-11-27' });
  briefs[f] = b;
  const p = previewOf(plan, b);
  const site = layGrid(p.scene);
  const k = make(site.grid, 65536);
  const pour: any = end(pourOn(k, p.scene, site));
  let plate: any; for (const s of develop(pour, k, 256) as any) if (typeof s === 'object' && s.last) plate = s.plate;
  const rgba = end(colourPlate(plate, mixesOf(p.scene), p.palette));
  const o = outcomeOf(pour, plate, mixesOf(p.scene), p.palette);
  console.log(f, createHash('sha256').update(rgba).digest('hex').slice(0, 16), 'nu', p.scene.nu.toExponential(6), 'h', createHash('sha256').update(Buffer.from(pour.h.buffer)).digest('hex').slice(0, 12), 'cov', o.coveredShare.toFixed(4), 'laid', o.laidMl.toFixed(3));
}
if (out) (await import('node:fs')).writeFileSync(out, JSON.stringify(briefs, null, 1));
