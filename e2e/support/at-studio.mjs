// What the tests of one file need: a studio, a browser, and pages that are closed after their test.
import assert from 'node:assert/strict';
import { after, afterEach, before } from 'node:test';
import { joinBrowser, openPage } from './browser.mjs';
import { startStudio } from './studio.mjs';

/** Pictures of pours and of their moves, kept by all that decides them: whoever comes next would only compute the same. */
const MAY_STAY = ['potter-keys', 'potter-pictures'];

/** Makes a browser's memory that of a device that has never been at a studio. */
async function forget(session, origin) {
  await session.send('Storage.clearDataForOrigin', {
    origin,
    storageTypes: 'cookies,local_storage',
  });
  const of = { securityOrigin: origin };
  const { databaseNames } = await session.send('IndexedDB.requestDatabaseNames', of);
  for (const databaseName of databaseNames.filter((name) => !MAY_STAY.includes(name)))
    await session.send('IndexedDB.deleteDatabase', { ...of, databaseName });
}

/** Of a machine's two processors the file that is tested beside it has one: what would only be done twice, or a little finer, is not. */
const ITS_SHARE = { processors: 1 };

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
    async open(viewport, { alone, ...device } = {}) {
      const free =
        !(alone ?? device.away) && !pages.some((page) => page.browserContext() === warm.context);
      const context = free ? warm.context : await browser.createBrowserContext();
      const page = await openPage(context, viewport, { ...ITS_SHARE, ...device });
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
    // What a browser remembers of the studio is told to a page of the studio's alone: this one does nothing else.
    const keeper = await context.newPage();
    await keeper.goto(`${studio.url}/api/health`);
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
        await forget(warm.session, studio.url);
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
