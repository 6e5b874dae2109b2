import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { brief } from '../plan/brief/brief';
import { dotsFor } from '../plan/asked/dots-for';
import { cupsToLoad } from '../plan/asked/loading';
import { mixNames } from '../plan/document/mix-names';
import type { Plan } from '../plan/document/schema';
import { stageSteps } from '../journal';
import { runSheets } from './run-sheets';
import { sheetsOf } from './paper';

const folder = join(__dirname, '../../../../demo/orchard-ledger/plans');
const demo = readdirSync(folder)
  .filter((f) => f.endsWith('.pour.json'))
  .map((f) => [f, JSON.parse(readFileSync(join(folder, f), 'utf8')) as Plan] as const);
const sheetsFor = (plan: Plan) => {
  const b = brief(plan);
  return { b, pages: runSheets(plan, b, cupsToLoad(plan, b), mixNames(plan)) };
};

test.each(demo)(
  '%s: every move is on it once, in its order, and every page fits both papers',
  (_, plan) => {
    const { b, pages } = sheetsFor(plan);
    const steps = stageSteps(plan, b.run);
    const heads = pages.flatMap(({ labels }) => labels.map(({ text }) => text));
    const numbered = heads.filter(
      (text) => /^\d+ \D/.test(text) && steps.some((s) => text.includes(s.title.slice(0, 8))),
    );
    expect(numbered.length).toBeGreaterThanOrEqual(steps.length);
    let last = -1;
    steps.forEach((step, i) => {
      const at = heads.findIndex(
        (text, k) => k > last && text.startsWith(`${i + 1} ${step.title.slice(0, 12)}`),
      );
      expect([step.title, at > last]).toEqual([step.title, true]);
      last = at;
    });
    for (const { widthMm, heightMm, labels, lines } of pages) {
      for (const paper of ['a4', 'letter'] as const)
        expect(sheetsOf(widthMm, heightMm, paper)).toHaveLength(1);
      for (const { x, y, text, mm } of labels) {
        expect(mm).toBeGreaterThanOrEqual(4.9);
        expect([text, y <= heightMm, x + text.length * mm! * 0.54 <= widthMm + 0.01]).toEqual([
          text,
          true,
          true,
        ]);
      }
      expect(lines.length).toBeGreaterThan(1);
    }
  },
);

test('grams on paper are those of the loading, and of the moves', () => {
  const [, plan] = demo.find(([f]) => f.includes('quince'))!;
  const { b, pages } = sheetsFor(plan);
  const text = pages.flatMap(({ labels }) => labels.map((l) => l.text)).join('\n');
  for (const { steps } of cupsToLoad(plan, b))
    for (const { g, material } of steps)
      expect(text).toContain(`${g} g ${mixNames(plan)(material)}, reads`);
});

test('a later stage’s name stands over its first move, on the same sheet', () => {
  for (const [, plan] of demo)
    for (const { plan: dotted } of dotsFor(plan)) {
      const { pages } = sheetsFor(dotted);
      const names = pages.flatMap(({ labels }) => labels.map(({ text }) => text));
      expect(names.filter((text) => text.startsWith('Stage ')).length).toBeGreaterThan(0);
      for (const { labels } of pages) expect(labels.at(-1)!.text).not.toMatch(/^Stage /);
    }
});
