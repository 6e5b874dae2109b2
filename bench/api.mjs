// The API at 100 requests a second for ten seconds after three to warm up, one every 10 ms whatever the answers do: lists, reads and saves in turn.
import http from 'node:http';
import { startStudio } from '../e2e/support/studio.mjs';
import { report } from './report.mjs';

const RATE = 100;
const WARM_UP_S = 3;
const SECONDS = WARM_UP_S + 10;

const studio = await startStudio();
const agent = new http.Agent({ keepAlive: true });
const ask = (method, path, body) =>
  new Promise((resolve, reject) => {
    const from = performance.now();
    const request = http.request(
      studio.url + path,
      { method, agent, headers: body ? { 'content-type': 'application/json' } : {} },
      (response) => {
        const parts = [];
        response.on('data', (part) => parts.push(part));
        response.on('end', () =>
          resolve({
            ms: performance.now() - from,
            status: response.statusCode,
            text: Buffer.concat(parts).toString(),
          }),
        );
      },
    );
    request.on('error', reject);
    request.end(body);
  });

// As many plans as a busy year makes, each saved in its turn.
const { plans } = JSON.parse((await ask('GET', '/api/plans')).text);
const { plan } = JSON.parse((await ask('GET', `/api/plans/${plans[0].id}`)).text);
const kept = [];
for (let i = 0; i < 50; i++)
  kept.push({
    id: JSON.parse((await ask('POST', '/api/plans', JSON.stringify({ plan }))).text).id,
    revision: 1,
  });

const answers = [];
let turn = 0;
const started = performance.now();
await new Promise((resolve) => {
  const tick = setInterval(() => {
    // A timer that fires late sends what is due, so that the rate holds.
    while (turn < ((performance.now() - started) / 1000) * RATE && turn < RATE * SECONDS) {
      const target = kept[turn % kept.length];
      const kind = turn++ % 3;
      if (kind === 0) answers.push(ask('GET', '/api/plans'));
      else if (kind === 1) answers.push(ask('GET', `/api/plans/${target.id}`));
      else
        answers.push(
          ask(
            'PUT',
            `/api/plans/${target.id}`,
            JSON.stringify({ revision: target.revision++, plan }),
          ),
        );
    }
    if (turn >= RATE * SECONDS) {
      clearInterval(tick);
      resolve();
    }
  }, 2);
});
const done = await Promise.all(answers);
agent.destroy();
await studio.stop();

const times = done
  .slice(RATE * WARM_UP_S)
  .map((a) => a.ms)
  .sort((a, b) => a - b);
const at = (share) => times[Math.min(times.length - 1, Math.floor(times.length * share))];
report('API at 100 requests a second, p50', at(0.5), 'ms', '—');
report('API at 100 requests a second, p99', at(0.99), 'ms', '≤ 15');
report('API at 100 requests a second, slowest', times.at(-1), 'ms', '—');
const refused = done.filter((a) => a.status >= 300);
if (refused.length > 0) {
  console.error(`${refused.length} of ${done.length} refused, first: ${refused[0].text}`);
  process.exit(1);
}
