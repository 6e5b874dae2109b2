// The rack with 60 pieces, half of them poured: how soon it opens on the phone, and how soon all dates are there anew once one is moved.
import { advance, beginRun } from '@potter/core/journal';
import {
  ANY_HOUSE,
  clashesOf,
  datesOf,
  findDays,
  lastPour,
  plannedPiece,
  planOnRack,
  todosOf,
} from '@potter/core/rack';
import { launch, openPage, PHONE, visit } from '../e2e/support/browser.mjs';
import { startStudio } from '../e2e/support/studio.mjs';
import { report } from './report.mjs';

const DAY_MS = 86_400_000;
const studio = await startStudio();
const ask = async (path, method = 'GET', body) => {
  const answer = await fetch(`${studio.url}${path}`, {
    method,
    headers: { 'content-type': 'application/json' },
    ...(body ? { body: JSON.stringify(body) } : {}),
  });
  return answer.json();
};
const { plans } = await ask('/api/plans');
const day = (ahead) => new Date(Date.now() + ahead * DAY_MS).toISOString().slice(0, 10);

const pieces = [];
for (let i = 0; i < 60; i++) {
  const { plan } = await ask(`/api/plans/${plans[i % plans.length].id}`);
  const own = {
    ...plan,
    title: `${plan.title} ${i + 1}`,
    dates: { pour: `${day(i % 20)}T10:00`, due: day(20 + (i % 40)) },
  };
  const { id } = await ask('/api/plans', 'POST', { plan: own });
  pieces.push(plannedPiece({ id, title: own.title, ...own.dates, rack: planOnRack(own) }));
  if (i % 2 === 0) continue;
  const began = Date.now() - (1 + (i % 12)) * DAY_MS;
  const begun = beginRun(`run-bench-${String(i).padStart(6, '0')}`, id, own, began);
  const run = begun.moves.reduce((r, _, k) => advance(r, began + 1000 * k), begun);
  await ask(`/api/runs/${run.id}`, 'PUT', { now: run });
}

const house = {
  ...ANY_HOUSE,
  workDays: [1, 2, 3, 4, 5],
  boards: { count: 4, widthMm: 1200, depthMm: 600 },
};
const now = Math.round(Date.now() / 60_000);
const times = Array.from({ length: 20 }, (_, i) => {
  const moved = pieces.map((p, k) => (k === i ? { ...p, pour: (p.pour ?? now) + 1440 } : p));
  const from = performance.now();
  for (const p of moved) {
    datesOf(p, house);
    if (p.due !== undefined) lastPour(p, p.due, house);
  }
  todosOf(moved, house, now);
  clashesOf(moved, house, now);
  return performance.now() - from;
}).sort((a, b) => a - b);
report('one date moved, all dates and clashes of 60 pieces anew', times[10], 'ms', '≤ 50');
const open = pieces.map(({ pour: _, ...p }) => p);
const from = performance.now();
findDays(open, house, now);
report('days found for 60 pieces', performance.now() - from, 'ms', 'no aim');

const browser = await launch();
const page = await openPage(browser, PHONE);
await visit(page, `${studio.url}/bench`);
const opens = (rows) =>
  page.evaluate(
    (least) =>
      new Promise((done) => {
        const at = performance.now();
        const look = () => {
          // Reading the page's text would lay it out anew at every frame.
          const there = document.querySelectorAll('[role="listitem"] svg').length;
          const shown = document.querySelector('[aria-label="Shown as"]');
          if (shown && there >= least) done(performance.now() - at);
          else requestAnimationFrame(look);
        };
        if (!location.pathname.endsWith('/rack'))
          document.querySelector('a[href="/bench/rack"]').click();
        look();
      }),
    rows,
  );
report('the rack of 60 pieces opens, its first screen', await opens(6), 'ms', '≤ 300');
report('all its rows are drawn, after that', await opens(55), 'ms', 'no aim');
await browser.close();
await studio.stop();
