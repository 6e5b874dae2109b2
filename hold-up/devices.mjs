// Two devices on one plan, one paint and the settings, each with a network that goes and comes, answers that are lost, 500, 408 and 429: a hundred
// edits. In the end what each device did last is in the studio, in the plan itself or in the copy its edits went on as, or in sight on the device.
import { freePort, planOf, startStudio, until } from '../e2e/support/studio.mjs';
import { launch, openPage, PHONE, type, visit } from '../e2e/support/browser.mjs';
import { chance } from './server.mjs';

export const name = 'two devices, a hundred edits';
export const whole = 20;
export const short = 0;

/** What a save may meet instead of the studio's answer. */
const MEETS = [500, 503, 408, 429, 'lost on the way', 'answer lost'];
const EDITS = 50;

let browser;

/** A device whose saves go wrong as often as `share` says, until it is told to stop. */
async function device(studio, random) {
  const page = await openPage(await browser.createBrowserContext(), PHONE);
  page.expectRefusals = true;
  const state = { share: 0 };
  await page.setRequestInterception(true);
  page.on('request', async (request) => {
    const saves = request.method() !== 'GET' && request.url().includes('/api/');
    const meets =
      saves && random() < state.share ? MEETS[Math.floor(random() * MEETS.length)] : undefined;
    if (meets === undefined) return request.continue();
    if (typeof meets === 'number')
      return request.respond({
        status: meets,
        contentType: 'application/json',
        body: JSON.stringify({ error: { code: 'trouble', message: 'Trouble.', faults: [] } }),
      });
    if (meets === 'answer lost')
      await fetch(request.url(), {
        method: request.method(),
        headers: { 'content-type': 'application/json' },
        body: request.postData(),
      }).catch(() => undefined);
    return request.abort('connectionreset');
  });
  return { page, state };
}

export async function once(n) {
  browser ??= await launch();
  const studio = await startStudio({ port: await freePort() });
  const random = chance(n);
  const lost = [];
  try {
    const plan = await planOf(studio, 'Quince and Slate');
    const at = `${studio.url}/plans/${plan.id}/surface`;
    const devices = [await device(studio, random), await device(studio, random)];
    for (const { page } of devices) await visit(page, at);
    // Each device works on a part of its own, so that the last of each has to stand: in one plan, or in a copy where the two met.
    const parts = [
      ['Name of the plan', (i) => `One ${n} ${i}`, (shown, wrote) => shown.title.startsWith(wrote)],
      ['Edge depth', (i) => String(10 + (i % 40)), (shown, wrote) => edgeOf(shown) === wrote],
    ];
    const last = ['', ''];
    for (let i = 0; i < EDITS; i++) {
      for (const [d, { page, state }] of devices.entries()) {
        if (random() < 0.15) state.share = random() < 0.5 ? 0 : random();
        if (random() < 0.08) await page.setOfflineMode(random() < 0.6);
        const [field, wrote] = parts[d];
        last[d] = wrote(i);
        await type(page, field, last[d]);
      }
    }
    for (const { page, state } of devices) {
      state.share = 0;
      await page.setOfflineMode(false);
      await page.evaluate(() => globalThis.dispatchEvent(new Event('online')));
    }
    const all = async () => {
      const { plans } = await (await fetch(`${studio.url}/api/plans`)).json();
      return Promise.all(
        plans.map(
          async ({ id }) => (await (await fetch(`${studio.url}/api/plans/${id}`)).json()).plan,
        ),
      );
    };
    for (const [d, { page }] of devices.entries()) {
      const [field, , stands] = parts[d];
      const there = await until(all, (plans) => plans.some((p) => stands(p, last[d]))).catch(
        () => undefined,
      );
      const seen = await page.evaluate(() => document.body.innerText);
      if (!there && !/is on this device but not in the studio/.test(seen))
        lost.push(`${n}: ${field} "${last[d]}" is nowhere`);
    }
    for (const { page } of devices) await page.browserContext().close();
  } finally {
    await studio.stop();
  }
  return { tried: 2 * EDITS, lost };
}

const edgeOf = ({ surface }) => String(surface.edgeDepthMm);

export async function end() {
  await browser?.close();
}
