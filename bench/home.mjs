// The studio on the home network, a phone beside the machine: to the paired phone, its first visit over a slow network, what it sees of the other.
import {
  launch,
  openPage,
  press,
  says,
  see,
  shows,
  type,
  visit,
  WIDE,
} from '../e2e/support/browser.mjs';
import { phone } from '../e2e/support/phone.mjs';
import { planOf, startStudio } from '../e2e/support/studio.mjs';
import { median, report } from './report.mjs';

const studio = await startStudio({ home: '127.0.0.2' });
const browser = await launch();
const machine = await openPage(await browser.createBrowserContext(), WIDE);
const other = await phone(studio);
const page = await other.open({ away: true });

const { pairing } = await (await fetch(`${studio.url}/api/home/code`, { method: 'POST' })).json();
const began = performance.now();
await page.goto(pairing.address);
await press(page, 'link', 'Pair this device');
await page.waitForSelector('#name');
await page.type('#name', 'Phone');
await press(page, 'button', 'Pair');
await says(page, 'It goes by');
report(
  'home: scanned to paired, its certificate trusted',
  (performance.now() - began) / 1000,
  's',
  '≤ 60',
);

const protocol = await page.createCDPSession();
const network = (latency, bytes) =>
  protocol.send('Network.emulateNetworkConditions', {
    offline: false,
    latency,
    downloadThroughput: bytes,
    uploadThroughput: bytes,
  });
await protocol.send('Network.enable');
await network(40, 10e6 / 8);
const titles = [];
for (let i = 0; i < 5; i++) {
  await protocol.send('Network.clearBrowserCache');
  const from = performance.now();
  await page.goto(`${studio.homeUrl}/bench`, { waitUntil: 'domcontentloaded' });
  await page.waitForSelector('h1');
  titles.push((performance.now() - from) / 1000);
  await page.goto('about:blank');
}
report(
  'home: first visit at 10 Mbit/s and 40 ms, title visible (median of 5)',
  median(titles),
  's',
  '≤ 2.5',
);
await network(0, -1);

const { id } = await planOf(studio, 'Quince and Slate');
await visit(machine, `${studio.url}/plans/${id}/surface`);
await visit(page, `${studio.homeUrl}/plans/${id}/surface`);
const seen = [];
for (const pieces of ['2', '3', '4', '5', '6']) {
  await new Promise((resolve) => setTimeout(resolve, 1000));
  const from = performance.now();
  await type(page, 'Pieces', pieces);
  await shows(machine, 'Pieces', pieces);
  seen.push((performance.now() - from) / 1000);
}
report('home: a change seen on the other device (slowest of 5)', Math.max(...seen), 's', '≤ 1');

await visit(page, `${studio.homeUrl}/plans/${id}/mixes`);
await press(page, 'button', 'Weigh it all up');
await press(page, 'radio', 'Practice scale, 1 g');
await press(page, 'button', 'The cup is on');
await visit(machine, `${studio.url}/shelf`);
/** Notes when each reading was first on a screen, by the one clock both have. */
const noting = (on, pattern) =>
  on.evaluate((source) => {
    const at = (globalThis.readingsAt = {});
    const look = () => {
      const g = new RegExp(source).exec(document.body.innerText)?.[1];
      if (g !== undefined) at[g] ??= Date.now();
    };
    new MutationObserver(look).observe(document.body, {
      subtree: true,
      childList: true,
      characterData: true,
    });
  }, pattern);
await noting(page, 'reads (\\d+) g');
await noting(machine, '(\\d+) g\\n[^\\n]*to go');
const spout = await (await see(page, 'button', 'Spout: hold to pour')).boundingBox();
await page.mouse.move(spout.x + 20, spout.y + 20);
await page.mouse.down();
await new Promise((resolve) => setTimeout(resolve, 5000));
await page.mouse.up();
await new Promise((resolve) => setTimeout(resolve, 1000));
const [here, there] = await Promise.all(
  [page, machine].map((on) => on.evaluate(() => globalThis.readingsAt)),
);
const late = Object.keys(here)
  .filter((g) => g in there)
  .map((g) => there[g] - here[g])
  .sort((a, b) => a - b);
report(
  `home: a reading of the scale on the other screen (95 % of ${late.length})`,
  late[Math.floor(late.length * 0.95)],
  'ms',
  '≤ 150',
);
await other.close();
await browser.close();
await studio.stop();
