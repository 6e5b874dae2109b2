// Every screen, phone and wide, light and dark: nothing fails, nothing leaves the machine, nothing sticks out, and a phone's targets are large enough for a wet finger.
import assert from 'node:assert/strict';
import { after, before, test } from 'node:test';
import { launch, openPage, PHONE, WIDE } from './support/browser.mjs';
import { screensOf } from './support/screens.mjs';
import { startStudio } from './support/studio.mjs';

let studio;
let browser;
before(async () => {
  studio = await startStudio();
  browser = await launch();
});
after(async () => {
  await browser.close();
  await studio.stop();
});

/** Targets that a wet finger misses. */
const tooSmall = (page) =>
  page.$$eval(
    '[role="button"], [role="radio"], [role="checkbox"], [role="tab"], a, input',
    (nodes) =>
      nodes.flatMap((n) => {
        const { width, height } = n.getBoundingClientRect();
        return height > 0 && (height < 43.5 || width < 43.5)
          ? [`${n.getAttribute('aria-label') ?? n.textContent} ${width}×${height}`]
          : [];
      }),
  );

// The accessibility check goes through the phone in light and the wide screen in dark already: the short run takes the other two.
const FULL = process.env.POTTER_FULL !== undefined;
for (const [name, viewport] of Object.entries({ phone: PHONE, wide: WIDE })) {
  for (const dark of FULL ? [false, true] : [viewport === PHONE]) {
    test(`${name}, ${dark ? 'dark' : 'light'}`, async () => {
      const page = await openPage(browser, viewport, { dark });
      for (const screen of await screensOf(studio)) {
        await page.goto(studio.url + screen, { waitUntil: 'networkidle0' });
        assert.deepEqual(page.faults, [], screen);
        const heading = await page.waitForSelector('h1', { timeout: 5000 });
        assert.ok(
          (await heading.evaluate((h) => h.innerText.trim())).length > 0,
          `${screen} has a title`,
        );
        const overhang = await page.evaluate(
          () => document.documentElement.scrollWidth - innerWidth,
        );
        assert.ok(overhang <= 0, `${screen} is ${overhang} px too wide`);
        if (viewport === PHONE) assert.deepEqual(await tooSmall(page), [], screen);
      }
      await page.browserContext().close();
    });
  }
}

test('the shipped fonts are the ones in use', async () => {
  const page = await openPage(browser, PHONE);
  await page.goto(`${studio.url}/plans`, { waitUntil: 'networkidle0' });
  const loaded = await page.evaluate(async () => {
    await document.fonts.ready;
    return [...document.fonts]
      .filter((f) => f.status === 'loaded')
      .map((f) => f.family.replaceAll('"', ''));
  });
  for (const family of [
    'AtkinsonHyperlegibleNext_400Regular',
    'AtkinsonHyperlegibleNext_700Bold',
    'BricolageGrotesque_800ExtraBold',
  ])
    assert.ok(loaded.includes(family), family);
  await page.browserContext().close();
});
