// Every screen, phone and wide, light and dark: nothing fails, nothing leaves the machine, nothing sticks out, a phone's targets are large
// enough for a wet finger, and WCAG 2.2 AA holds as far as a program can tell.
import assert from 'node:assert/strict';
import { test } from 'node:test';
import { atStudio } from './support/at-studio.mjs';
import { axeFaults } from './support/axe.mjs';
import { inTheme, PHONE, visit, WIDE } from './support/browser.mjs';
import { screensOf } from './support/screens.mjs';
import { FULL } from './support/full.mjs';

const studio = atStudio();

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

for (const [name, viewport] of Object.entries({ phone: PHONE, wide: WIDE })) {
  test(`${name}${viewport === PHONE ? ', light and dark' : ''}`, async () => {
    const page = await studio.open(viewport);
    for (const [n, screen] of (await screensOf(studio)).entries()) {
      // What is wide enough for a phone is so for more: the short run looks at every third.
      if (viewport === WIDE && !FULL && n % 3 !== 1) continue;
      // From the one before; in the full run the phone opens each by its address.
      if (FULL && viewport === PHONE) await page.goto('about:blank');
      await visit(page, studio.url + screen);
      assert.deepEqual(page.faults, [], screen);
      const title = await page.$eval('h1', (heading) => heading.innerText.trim());
      assert.ok(title.length > 0, `${screen} has a title`);
      const overhang = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
      assert.ok(overhang <= 0, `${screen} is ${overhang} px too wide`);
      if (viewport === PHONE) assert.deepEqual(await tooSmall(page), [], screen);
      // Names and roles are the same at every width, and most of them in parts that screens share: the short run looks at every third phone screen.
      if (FULL || (viewport === PHONE && n % 3 === 0))
        assert.deepEqual(await axeFaults(page), [], screen);
      // The dark changes colours and nothing else, and the same ones at every width; the short run looks at every sixth.
      if (viewport === PHONE && (FULL || n % 6 === 0)) {
        await inTheme(page, 'dark');
        assert.deepEqual(await axeFaults(page, ['color-contrast']), [], `${screen}, dark`);
        await inTheme(page, 'light');
      }
    }
  });
}

test('the shipped fonts are the ones in use', async () => {
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/plans`);
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
});
