// What the tests of one file need: a studio, a browser, and pages that are closed after their test.
import assert from 'node:assert/strict';
import { after, afterEach, before } from 'node:test';
import { joinBrowser, openPage } from './browser.mjs';
import { startStudio } from './studio.mjs';

/**
 * A studio for the tests of one file (see `startStudio`), with `open(viewport, setting)`: a page at it, of a device that has never been
 * there; `alone`: one that the test itself crashes or closes. After each test its pages are closed; none may have met a fault.
 */
export function atStudio(setting) {
  const pages = [];
  let browser;
  let leave;
  /** A browser's memory that already has the application's files: a test's first page takes a second less in it. */
  let warm;
  const studio = {
    ready: () => ready,
    async open(viewport, { away = false, dark = false, alone = away } = {}) {
      const free = !alone && !pages.some((page) => page.browserContext() === warm.context);
      const context = free ? warm.context : await browser.createBrowserContext();
      const page = await openPage(context, viewport, { away, dark });
      pages.push(page);
      return page;
    },
  };
  // A file's own preparations run beside this one: those that need the studio await it.
  const ready = (async () => {
    const [started, joined] = await Promise.all([startStudio(setting), joinBrowser()]);
    Object.assign(studio, started);
    ({ browser, leave } = joined);
    const context = await browser.createBrowserContext();
    const keeper = await context.newPage();
    warm = { context, keeper, session: await keeper.createCDPSession() };
  })();
  before(() => ready);
  afterEach(async () => {
    const faults = pages.flatMap((page) => page.faults);
    const used = new Set(pages.splice(0).map((page) => page.browserContext()));
    for (const context of used) {
      if (context !== warm.context) await context.close();
      else {
        for (const page of await context.pages()) if (page !== warm.keeper) await page.close();
        await warm.session.send('Storage.clearDataForOrigin', {
          origin: studio.url,
          storageTypes: 'cookies,local_storage,indexeddb',
        });
      }
    }
    assert.deepEqual(faults, []);
  });
  after(async () => {
    await warm?.context.close();
    await leave?.();
    await studio.stop?.();
  });
  return studio;
}
