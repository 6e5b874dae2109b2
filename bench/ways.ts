// Pours computed to be chosen among: nine ways, nine orders, what a wish tries; and what cells add to a picture. One thread; a page has two such.
import { readFileSync } from 'node:fs';
import { type Engine, finish, type PourAsk, workbench } from '@potter/core/flow';
import {
  brief,
  choices,
  firstTries,
  type Plan,
  pourAskOf,
  type Preview,
  previewOf,
  wayOf,
  WAYS,
} from '@potter/core/plan';
import { loadEngine } from '@potter/kernel';
import { report } from './report.mjs';

/** As a page looks at several. */
const SMALL = { cells: 64, pixels: [160], quick: true } as const;
const LANES = 2;
const FLIP = 'demo/orchard-ledger/plans/2-damson-moon.pour.json';
const SWIPE = 'demo/orchard-ledger/plans/7-long-border.pour.json';

const planIn = (file: string): Plan => JSON.parse(readFileSync(file, 'utf8'));

function timesOf(engine: Engine, previews: readonly (() => Preview)[]): number[] {
  const bench = workbench(engine);
  return previews.map((preview) => {
    const from = performance.now();
    finish(bench, { ...pourAskOf(preview()), ...SMALL });
    return performance.now() - from;
  });
}
const inLanes = (times: readonly number[]): number =>
  times.reduce((sum, ms) => sum + ms, 0) / LANES / 1000;

/** What a finished picture takes of a processor. */
function finished(engine: Engine, preview: Preview, opens: boolean): number {
  const { opens: cells, ...ask } = pourAskOf(preview);
  const wanted: PourAsk = { ...ask, pixels: [512], ...(opens ? { opens: cells } : {}) };
  const { user } = process.cpuUsage();
  finish(workbench(engine), wanted);
  return process.cpuUsage().user - user;
}

async function main() {
  const engine = await loadEngine();
  const plan = planIn(FLIP);
  const computed = brief(plan);
  const ways = Array.from({ length: WAYS }, (_, nth) => () => wayOf(plan, computed, nth));
  const [begun, ...first] = timesOf(engine, ways);
  report('ways of a flip, the first in a process', begun! / 1000, 's', '≤ 0.6');
  report('nine ways of a flip, by two', inLanes([begun!, ...first]), 's', '≤ 5');
  const orders = choices('order', plan, computed).map(
    (one) => () => previewOf(one.plan, brief(one.plan)),
  );
  report(
    `${orders.length} orders of a flip, by two`,
    inLanes(timesOf(engine, orders)),
    's',
    '≤ 5 for nine',
  );
  const tries = firstTries(plan, computed).map((one) => () => previewOf(one.plan, brief(one.plan)));
  report(
    'sixty tries of a wish, by two',
    (60 / tries.length) * inLanes(timesOf(engine, tries)),
    's',
    '≤ 20',
  );
  for (const [what, file] of [
    ['a flip', FLIP],
    ['a swipe', SWIPE],
  ] as const) {
    const own = planIn(file);
    const preview = previewOf(own, brief(own));
    // Turn by turn, and the least of each.
    const times = Array.from({ length: 5 }, () =>
      [false, true].map((opens) => finished(engine, preview, opens)),
    );
    const [without, all] = [0, 1].map((n) => Math.min(...times.map((pair) => pair[n]!))) as [
      number,
      number,
    ];
    report(`cells add to the finished picture of ${what}`, 100 * (all / without - 1), '%', '≤ 25');
  }
}

void main();
