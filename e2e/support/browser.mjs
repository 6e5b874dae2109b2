// Debian's Chromium, driven as a person would: by role and accessible name, with every error and foreign request noted.
import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import * as puppeteer from 'puppeteer-core';

const FLAGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--disable-default-apps',
  '--disable-extensions',
  '--disable-dev-shm-usage',
  '--force-color-profile=srgb',
  '--font-render-hinting=none',
  '--hide-scrollbars',
  // Pages of the browser's own, which nobody sees here.
  '--disable-features=PreloadTopChromeWebUI,WebUIOmniboxAimPopup',
];

/** For pages that live for seconds: the browser's last compiler takes longer over one than it saves there, a tenth of all the work. Not for what measures a page as an artist has it. */
export const SHORT_LIVED = ['--js-flags=--no-turbofan'];

/**
 * A browser of one's own.
 * @param {object} [setting] what puppeteer is told besides, such as a profile of its own
 * @param {string[]} [flags] what the browser is told besides, such as a camera of its own
 */
export const launch = (setting = {}, flags = []) =>
  puppeteer.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    headless: true,
    args: [...FLAGS, ...flags],
    ...setting,
  });

/** The one browser of a run of many files, where there is one: to begin and to end one takes seconds. */
const SHARED = process.env.POTTER_BROWSER;

/** A browser for the tests of one file, in contexts of its own; and how it is left once those are closed. */
export async function joinBrowser() {
  if (SHARED === undefined) {
    const browser = await launch({}, SHORT_LIVED);
    return { browser, leave: () => browser.close() };
  }
  const browser = await puppeteer.connect({ browserWSEndpoint: SHARED });
  return { browser, leave: () => browser.disconnect() };
}

export const PHONE = {
  width: 390,
  height: 844,
  deviceScaleFactor: 1,
  hasTouch: true,
  isMobile: true,
};
export const WIDE = { width: 1280, height: 800, deviceScaleFactor: 1 };

/**
 * Opens a page. `page.faults` gathers console errors and requests that leave the machine. `away`: the studio will be away, so the application is kept on
 * the device. `processors`: how many it takes itself to have, where not all there are.
 */
export async function openPage(context, viewport, { dark = false, away = false, processors } = {}) {
  const page = await context.newPage();
  await page.setViewport(viewport);
  // Each page is a device's that is looked at, whichever was opened last.
  const protocol = await page.createCDPSession();
  await protocol.send('Emulation.setFocusEmulationEnabled', { enabled: true });
  await prefer(page, dark ? 'dark' : 'light');
  // A page of its own memory would fetch the whole application once more to keep it: only a test that goes without the studio needs that.
  if (!away)
    await page.evaluateOnNewDocument(() => {
      if (navigator.serviceWorker)
        navigator.serviceWorker.register = () => Promise.reject(new Error('not in this test'));
    });
  await page.evaluateOnNewDocument(countAsking);
  if (processors !== undefined)
    await page.evaluateOnNewDocument(
      (value) => Object.defineProperty(navigator, 'hardwareConcurrency', { value }),
      processors,
    );
  page.faults = [];
  page.on('console', (message) => {
    if (message.type() === 'error' && !page.expectRefusals)
      page.faults.push(`console: ${message.text()}`);
  });
  page.on('pageerror', (error) => page.faults.push(`page: ${error.message}`));
  page.on('request', (request) => {
    const { hostname, protocol } = new URL(request.url());
    if (!['blob:', 'data:'].includes(protocol) && !/^127\.0\.0\.\d$/.test(hostname))
      page.faults.push(`foreign: ${request.url()}`);
  });
  return page;
}

const prefer = (page, theme) =>
  page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: theme }]);

/** Puts an open page in the light or the dark, as the device does at dusk. */
export async function inTheme(page, theme) {
  await prefer(page, theme);
  await page.evaluate(() => new Promise((drawn) => requestAnimationFrame(() => setTimeout(drawn))));
}

/**
 * Goes to an address and waits until the screen stands there: its title, and nothing being fetched any more. A page that is at another place of the
 * application goes there as its links do, without loading it anew; `reload` loads it.
 */
export async function visit(page, address) {
  const there = page.url();
  if (there !== address && there.startsWith(`${new URL(address).origin}/`))
    return goOn(page, address);
  await page.goto(address, { waitUntil: 'domcontentloaded' });
  await settled(page);
}

/** How long a screen that is left may stand, ms; one that only shows other things stays. */
const LEAVES_MS = 1500;

/** Goes to another address of the application the page is at, as its own links do: without loading it anew. */
export async function goOn(page, address) {
  const before = await page.$('h1');
  await page.evaluate((to) => {
    history.pushState(null, '', to);
    dispatchEvent(new PopStateEvent('popstate'));
  }, address);
  await page
    .waitForFunction(
      (left) => !left?.checkVisibility(),
      { polling: 20, timeout: LEAVES_MS },
      before,
    )
    .catch(() => undefined);
  await settled(page);
}

/** Loads the page anew, as `visit`. */
export async function reload(page) {
  await page.reload({ waitUntil: 'domcontentloaded' });
  await settled(page);
}

/** How long nothing may be asked of the studio until a screen is taken to have what it shows, ms. */
const QUIET_MS = 100;

/** Waits until the screen stands there: its title, and nothing being fetched any more. */
export const settled = (page) =>
  page.waitForFunction(
    (quiet) => {
      const { asking = 0, askedLast = 0 } = globalThis.inTest ?? {};
      return document.querySelector('h1') && asking === 0 && performance.now() - askedLast > quiet;
    },
    { timeout: 15000, polling: 50 },
    QUIET_MS,
  );

/** Counts what the page asks of the studio and has no answer to yet. Requests a page left behind never end for the driver. */
function countAsking() {
  const { fetch } = globalThis;
  const state = (globalThis.inTest = { asking: 0, askedLast: 0 });
  globalThis.fetch = (...args) => {
    state.asking++;
    const answer = fetch(...args);
    const over = () => {
      state.asking--;
      state.askedLast = performance.now();
    };
    answer.then(over, over);
    return answer;
  };
}

/** A busy machine shows things late; one that never shows them has failed. */
const PATIENCE_MS = 30000;

/** What has this role and accessible name; a name may be a pattern where it holds a figure. */
const find = (page, role, name, timeout = PATIENCE_MS) =>
  page.waitForFunction(
    (role, name, flags) => {
      const wanted =
        flags === undefined
          ? (text) => text === name
          : (text) => new RegExp(name, flags).test(text);
      const implied = {
        button: 'button',
        link: 'a[href]',
        textbox: 'input:not([type]), input[type="text"], textarea',
      }[role];
      const nodes = document.querySelectorAll(`[role="${role}"]${implied ? `, ${implied}` : ''}`);
      return (
        [...nodes].find(
          (node) =>
            node.checkVisibility() &&
            wanted((node.getAttribute('aria-label') ?? node.innerText ?? '').trim()),
        ) ?? false
      );
    },
    { timeout, polling: 100 },
    role,
    name instanceof RegExp ? name.source : name,
    name instanceof RegExp ? name.flags : undefined,
  );

/** Brings what is to be pressed into sight and waits until it stands still: a person presses what has come to rest. */
const atRest = (handle) =>
  handle.evaluate(
    (node) =>
      new Promise((resolve, reject) => {
        node.scrollIntoView({ block: 'center', behavior: 'instant' });
        let last;
        let frames = 0;
        const look = () => {
          const { x, y, width, height } = node.getBoundingClientRect();
          const now = [x, y, width, height].join();
          if (!node.isConnected) reject(new Error('detached'));
          // Some things move for good, such as a clock's hand.
          else if (now === last || ++frames > 60) resolve();
          else {
            last = now;
            requestAnimationFrame(look);
          }
        };
        look();
      }),
  );

/** A page that is kept busy makes a click of a tap so late, ms: pressed again before that, it would be pressed twice. */
const LANDS_MS = 5000;

/**
 * Notes what is pressed from now on: the node itself, or what stood in its place by then. A page that has gone was pressed.
 * A busy page makes a click of a tap some time after the tap is over, so it is waited for.
 */
async function landing(handle) {
  const pressed = await handle.evaluateHandle((node) => {
    const state = { landed: false };
    let noted;
    state.once = new Promise((resolve) => (noted = resolve));
    const note = ({ target }) => {
      state.landed = node.contains(target);
      noted();
      const beside = target.closest('[role], a, button, input');
      state.beside = beside && {
        role: beside.getAttribute('role') ?? beside.tagName.toLowerCase(),
        name: (beside.getAttribute('aria-label') ?? beside.innerText).slice(0, 40),
      };
    };
    document.addEventListener('click', note, { capture: true, once: true });
    return state;
  });
  return () =>
    pressed
      .evaluate(
        ({ once }, ms) => Promise.race([once, new Promise((late) => setTimeout(late, ms))]),
        LANDS_MS,
      )
      .then(() => pressed.evaluate(({ landed, beside }) => ({ landed, beside })))
      .catch(() => ({ landed: true }));
}

/** What does something when it is pressed. */
const PRESSABLE = new Set(['a', 'button', 'input', 'link', 'radio', 'checkbox', 'switch', 'tab']);

/** Presses what has this role and accessible name, scrolling it into sight first; by touch where the page has touch. */
export async function press(page, role, name) {
  for (let tries = 4; ; tries--) {
    const handle = await find(page, role, name);
    try {
      await atRest(handle);
      const land = await landing(handle);
      if (page.viewport().hasTouch) await handle.tap();
      else await handle.click();
      const { landed, beside } = await land();
      if (landed) return;
      // What stands above it grew or shrank in that moment. A person presses again, unless the press has done something else.
      if (tries === 1 || PRESSABLE.has(beside?.role))
        throw new Error(`a press on ${role} "${name}" landed on "${beside?.name}"`);
    } catch (error) {
      // It was drawn anew between being found and being pressed: what stands there now is pressed.
      if (tries === 1 || !/detached|Node is/.test(String(error))) throw error;
    }
  }
}

/** Waits until something with this role and name is there. */
export const see = find;

/** Types over what a field holds, as after a tap into it. */
export async function type(page, name, text) {
  const handle = await find(page, 'textbox', name);
  await handle.scrollIntoView();
  await handle.focus();
  // A field selects what it holds a moment after it has the focus: letters typed before that would be typed over.
  await handle.evaluate((field) =>
    new Promise((done) => setTimeout(done)).then(() => field.select()),
  );
  await page.keyboard.type(text);
  await handle.evaluate((field) => field.blur());
}

export const textOf = (page, selector = 'body') => page.$eval(selector, (node) => node.innerText);

/** Waits until the page shows a text. */
export const says = (page, text, timeout = PATIENCE_MS) =>
  page.waitForFunction(
    (wanted) => document.body.innerText.includes(wanted),
    { timeout, polling: 100 },
    text,
  );

/** Waits until the field of this name begins with a text: what another device has typed into it. */
export const shows = (page, name, text) =>
  page.waitForFunction(
    (wanted, begins) =>
      document.querySelector(`[aria-label="${wanted}"]`)?.value?.startsWith(begins),
    { timeout: PATIENCE_MS, polling: 50 },
    name,
    text,
  );

/** Presses Tab until what has this name has the focus, as someone without a mouse does. */
export async function tabTo(page, name) {
  for (let i = 0; i < 120; i++) {
    const here = await page.evaluate(
      () =>
        document.activeElement?.getAttribute('aria-label') ??
        document.activeElement?.innerText?.trim(),
    );
    if (here === name) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`no way by Tab to "${name}"`);
}

/** Lets the page's downloads land in a folder; `saved(end)` waits for one whose name ends so and returns its bytes. */
export async function downloads(page, folder) {
  const session = await page.createCDPSession();
  await session.send('Browser.setDownloadBehavior', {
    behavior: 'allow',
    downloadPath: folder,
    browserContextId: page.browserContext().id,
  });
  return async (end) => {
    for (let i = 0; i < 100; i++) {
      const name = (await readdir(folder)).find((f) => f.endsWith(end));
      if (name) return readFile(join(folder, name));
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
    throw new Error(`nothing was saved that ends with ${end}`);
  };
}
