// From the machine to the phone over the home network: trusted, paired, working together, put out in the middle and let in again.
import assert from 'node:assert/strict';
import { after, test } from 'node:test';
import jsQR from 'jsqr';
import { PNG } from 'pngjs';
import { atStudio } from './support/at-studio.mjs';
import { press, says, see, shows, type, visit, WIDE } from './support/browser.mjs';
import { phone } from './support/phone.mjs';
import { planOf, until } from './support/studio.mjs';
import { inFull } from './support/full.mjs';

const studio = atStudio({ home: '127.0.0.2' });
const phones = [];
after(() => Promise.all(phones.map((one) => one.close())));
const aPhone = async (setting) => {
  await studio.ready();
  const one = await phone(studio, setting);
  phones.push(one);
  return one;
};

let known;
/** A phone that has been let in, the first time by its camera. */
const paired = () =>
  (known ??= (async () => {
    const machine = await studio.open(WIDE, { alone: true });
    const one = await aPhone();
    const page = await one.open();
    await page.goto(`${studio.homeUrl}/bench`);
    assert.equal(new URL(page.url()).pathname, '/pair');
    await pair(machine, page, 'Phone at the table');
    await says(machine, 'last here');
    return one;
  })());

/** What a phone's camera reads off the machine's screen. */
async function scanned(machine) {
  const image = await see(machine, 'img', /^To be scanned/);
  const { data, width, height } = PNG.sync.read(Buffer.from(await image.screenshot()));
  return jsQR(new Uint8ClampedArray(data), width, height)?.data;
}

/** Pairs a phone in as few taps as it takes, and leaves it on the bench. */
async function pair(machine, page, name) {
  await visit(machine, `${studio.url}/settings`);
  const shown = await see(machine, 'img', /^To be scanned/);
  const before = await shown.evaluate((node) => node.getAttribute('aria-label'));
  await press(machine, 'button', 'New code');
  await machine.waitForFunction(
    (label) => !document.querySelector(`[aria-label="${label}"]`),
    {},
    before,
  );
  const address = await scanned(machine);
  await page.goto(address);
  await says(page, 'They are the ones you scanned.');
  await press(page, 'link', 'Pair this device');
  // Its script has filled in what it knows.
  await page.waitForFunction(() => document.querySelector('#code')?.value);
  const field = await page.$('#name');
  await field.evaluate((node) => (node.value = ''));
  await field.type(name);
  await press(page, 'button', 'Pair');
  await says(page, `It goes by ${name}`);
  await press(page, 'link', 'Open Potter');
  await page.waitForSelector('h1');
}

test('a device that does not trust the studio’s authority does not get through', async () => {
  const stranger = await aPhone({ trusts: false });
  const page = await stranger.open();
  await assert.rejects(page.goto(`${studio.homeUrl}/bench`), /ERR_CERT_AUTHORITY_INVALID/);
});

test(
  'a phone pairs by the scanned code, plans and pours with the machine looking on, is put out, loses nothing, and is let in again',
  inFull,
  async () => {
    const page = await (await paired()).open();
    const machine = await studio.open(WIDE, { alone: true });
    const token = (await page.browserContext().cookies()).find((c) => c.name === 'potter-device');
    assert.deepEqual(
      [token.httpOnly, token.secure, token.sameSite, token.domain],
      [true, true, 'Strict', '127.0.0.2'],
    );

    const plan = await planOf(studio, 'Quince and Slate');
    await visit(machine, `${studio.url}/plans/${plan.id}/surface`);
    await visit(page, `${studio.homeUrl}/plans/${plan.id}/surface`);
    await type(page, 'Pieces', '3');
    await shows(machine, 'Pieces', '3');
    await type(machine, 'Edge depth', '21');
    await shows(page, 'Edge depth', '21');

    // The pour goes on at the table; the screen by the wall goes along.
    await visit(page, `${studio.homeUrl}/plans/${plan.id}/pour`);
    await press(page, 'button', /^Begin/);
    await see(page, 'button', /^(Next|Piece)/);
    const path = new URL(page.url()).pathname;
    await visit(machine, studio.url + path);
    const step = (of) => of.evaluate(() => /(\d+) of \d+/.exec(document.body.innerText)?.[1]);
    const first = await until(() => step(machine), Boolean);
    assert.equal(await step(page), first);
    await press(page, 'button', 'Done on all 3');
    await until(
      () => step(machine),
      (now) => now !== first,
    );
    assert.equal(await step(machine), await step(page));

    // Put out in the middle: nothing more is answered, nothing it has is lost.
    await visit(page, `${studio.homeUrl}/plans/${plan.id}/surface`);
    page.expectRefusals = true;
    await visit(machine, `${studio.url}/settings`);
    await press(machine, 'button', 'Put out Phone at the table');
    await says(page, 'does not let this device in any more');
    await type(page, 'Pieces', '5');
    await says(page, 'kept on this device');
    const answer = await page.evaluate(async () => (await fetch('/api/plans')).status);
    assert.equal(answer, 401);
    assert.equal((await plan.get()).surface.pieces, 3);
    await press(machine, 'button', 'Let it in again');
    await until(plan.get, ({ surface }) => surface.pieces === 5);
    await page.waitForFunction(
      () => !document.body.innerText.includes('does not let this device in'),
    );
  },
);

test('what the scale reads at the table is on the other screens while it is weighed', async () => {
  const page = await (await paired()).open();
  const machine = await studio.open(WIDE, { alone: true });
  const plan = await planOf(studio, 'Quince and Slate');
  await visit(machine, `${studio.url}/bench`);
  await visit(page, `${studio.homeUrl}/plans/${plan.id}/mixes`);
  await press(page, 'button', 'Weigh it all up');
  await press(page, 'radio', 'Scale, I type');
  await press(page, 'button', 'The cup is on');
  await type(page, 'The scale reads, g', '12.5');
  await says(machine, '12.5 g');
  await see(machine, 'region', 'On the scale');
  await visit(page, `${studio.homeUrl}/bench`);
  await machine.waitForFunction(() => !document.body.innerText.includes('12.5 g'));
});

test('it can be put on the home screen, by the browser’s own criteria', async () => {
  const page = await (await paired()).open({ away: true });
  await visit(page, `${studio.homeUrl}/bench`);
  const protocol = await page.createCDPSession();
  const { errors, data } = await protocol.send('Page.getAppManifest');
  assert.deepEqual(errors, []);
  assert.equal(JSON.parse(data).start_url, '/bench');
  const { installabilityErrors } = await protocol.send('Page.getInstallabilityErrors');
  assert.deepEqual(installabilityErrors, []);
});
