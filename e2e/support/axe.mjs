import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';

const axe = await readFile(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

const AA = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];

/** What a page does against WCAG 2.2 AA of serious or critical grade, by an automated check; `rules`: against these alone. */
export async function axeFaults(page, rules = AA) {
  if (!(await page.evaluate(() => 'axe' in globalThis))) await page.evaluate(axe);
  const { violations } = await page.evaluate(
    // What passes is counted and not told.
    (runOnly) => globalThis.axe.run(document, { runOnly, resultTypes: ['violations'] }),
    rules,
  );
  return violations
    .filter((v) => v.impact === 'serious' || v.impact === 'critical')
    .map(
      (v) =>
        `${v.id}: ${v.help}: ${v.nodes
          .slice(0, 3)
          .map((n) => n.html.slice(0, 160))
          .join(' | ')}`,
    );
}
