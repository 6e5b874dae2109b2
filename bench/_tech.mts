import { readFileSync, writeFileSync } from 'node:fs';
import { TECHNIQUES } from '@potter/core/technique';
import { newPlan, checkPlan, brief, edit } from '@potter/core/plan';
const p = JSON.parse(readFileSync('demo/orchard-ledger/plans/1-quince-and-slate.pour.json','utf8'));
for (const id of Object.keys(TECHNIQUES)) {
  if (process.env.ONLY && !process.env.ONLY.split(',').includes(id)) continue;
  const surface = { ...p.surface, ...(id === 'press-and-lift' ? { shape: { kind: 'rect', widthMm: 100, heightMm: 100 }, edgeDepthMm: 0, coverEdges: false } : {}) };
  const plan = newPlan({ title: id, surface, paints: p.paints.slice(0, 5), technique: id as never, school: (process.env.SCHOOL ?? 'lean') as never });
  const faults = checkPlan(plan);
  const b = brief(plan);
  console.log(id, plan.cups.length, 'cups', plan.moves.length, 'moves', faults.length ? JSON.stringify(faults.slice(0,3)) : '', b.remarks.map((r) => `${r.grade ?? r.level ?? ''}:${r.code}`).join(' '));
  writeFileSync(`/tmp/t/tq-${id}.json`, JSON.stringify(plan));
}
