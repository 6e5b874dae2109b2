// A studio of years: more plans and pours than a screen shows, and pictures nothing shows any more.
import assert from 'node:assert/strict';
import { before, test } from 'node:test';
import { createClient } from '@libsql/client';
import { atStudio } from './support/at-studio.mjs';
import { PHONE, press, says, see, type, visit } from './support/browser.mjs';
import { until } from './support/studio.mjs';

const PLANS = 130;
const RUNS = 130;
const DAY_MS = 86_400_000;

const studio = atStudio();

const ask = async (path, method = 'GET', body) => {
  const answer = await fetch(studio.url + path, {
    method,
    ...(body === undefined
      ? {}
      : Buffer.isBuffer(body)
        ? { headers: { 'content-type': 'image/png' }, body }
        : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
  });
  assert.ok(answer.ok, `${method} ${path}: ${answer.status}`);
  return answer.json();
};

before(async () => {
  await studio.ready();
  const [{ id }] = (await ask('/api/plans')).plans;
  const { plan } = await ask(`/api/plans/${id}`);
  await Promise.all(
    Array.from({ length: PLANS }, (_, i) =>
      ask('/api/plans', 'POST', { plan: { ...plan, title: `Tide ${i}` } }),
    ),
  );
  const { runs } = await ask('/api/runs');
  const run = await ask(`/api/runs/${runs.find((r) => r.endedAt).id}`);
  await Promise.all(
    Array.from({ length: RUNS }, (_, i) => {
      const now = {
        ...run,
        id: `old-pour-${i}`,
        plan: { ...run.plan, title: `Old pour ${i}` },
        startedAt: run.startedAt - (i + 1) * DAY_MS,
        endedAt: run.startedAt - (i + 1) * DAY_MS + 600_000,
      };
      return ask(`/api/runs/${now.id}`, 'PUT', { now });
    }),
  );
});

const rows = (page) => page.$$eval('[role=list] [role=listitem]', (items) => items.length);

test('among many plans one is found by a part of its title, and all come into sight page by page', async () => {
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/plans`);
  await type(page, 'Search', 'tide 77');
  await until(
    () => rows(page),
    (count) => count === 1,
  );
  await see(page, 'link', /^Tide 77/);
  await type(page, 'Search', 'no such tide');
  await says(page, 'No plan goes by “no such tide”.');
  await type(page, 'Search', ' ');
  const { count } = await ask('/api/plans?most=1');
  await until(
    () => rows(page),
    (shown) => shown === 60,
  );
  await press(page, 'button', `Show more, ${count - 60} left`);
  await press(page, 'button', `Show more, ${count - 120} left`);
  await until(
    () => rows(page),
    (shown) => shown === count,
  );
});

test('the journal goes back to its first pour, which opens', async () => {
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/journal`);
  await press(page, 'button', /^Show more/);
  await press(page, 'button', /^Show more/);
  await press(page, 'link', new RegExp(`^Old pour ${RUNS - 1},`));
  await says(page, `Old pour ${RUNS - 1}`);
  // By its address alone too, where no page of the list that holds it was read.
  const other = await studio.open(PHONE);
  await visit(other, `${studio.url}/journal/old-pour-${RUNS - 2}`);
  await says(other, `Old pour ${RUNS - 2}`);
});

test('pictures nothing shows any more are counted and let go; those of today are not', async () => {
  const { count: before } = await ask('/api/pictures');
  // The smallest picture there is: one grey pixel.
  const pixel = Buffer.from(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAAAAAA6fptVAAAACXBIWXMAAAPoAAAD6AG1e1JrAAAACklEQVQImWMoBwAAeQB47+0hKQAAAABJRU5ErkJggg==',
    'base64',
  );
  for (const id of ['long-forgotten', 'of-just-now'])
    await ask(`/api/pictures/${id}`, 'PUT', pixel);
  await studio.halt();
  const file = createClient({ url: studio.db });
  await file.execute("UPDATE pictures SET taken_at = 0 WHERE id = 'long-forgotten'");
  file.close();
  await studio.resume();
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/settings`);
  await says(page, 'shows 1 picture');
  await press(page, 'button', 'Let 1 picture go');
  await until(
    () => ask('/api/pictures'),
    ({ count, unused }) => count === before + 1 && unused.count === 0,
  );
});
