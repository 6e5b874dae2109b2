import {
  launch,
  openPage,
  visit,
  goOn,
  settled,
  press,
  see,
  PHONE,
  WIDE,
  inTheme,
  type,
  says,
} from './support/browser.mjs';
import { startStudio, planOf, kept, until, pause } from './support/studio.mjs';
const studio = await startStudio();
const browser = await launch();
const step = async (name, f) => {
  try {
    await f();
  } catch (e) {
    console.log(name, String(e).slice(0, 200));
  }
};
try {
  const { plans } = await (await fetch(`${studio.url}/api/plans`)).json();
  const idOf = (t) => plans.find((p) => p.title === t).id;
  const page = await openPage(await browser.createBrowserContext(), PHONE, { dark: true });
  const pictured = () =>
    page.waitForFunction(() => document.querySelector('[aria-label^="Now; press"] img'), {
      timeout: 40000,
    });
  await step('dark', async () => {
    await visit(page, `${studio.url}/plans/${idOf('Damson Moon')}/pour`);
    await press(page, 'button', /^(Begin|Go on)/);
    await pictured();
    await press(page, 'button', 'I have read it').catch(() => {});
    for (let i = 0; i < 3; i++) {
      await press(page, 'button', 'Skip');
      await pause(900);
    }
    await press(page, 'button', 'Added');
    await pause(2500);
    await page.screenshot({ path: '/tmp/t/d1.png', fullPage: true });
    await press(page, 'button', 'Close');
    await pause(500);
    await press(page, 'button', 'Ran out');
    await pause(6000);
    await page.screenshot({ path: '/tmp/t/d2.png', fullPage: true });
    await press(page, 'button', 'Close');
  });
  // weight: a tilt
  await step('weigh', async () => {
    for (let i = 0; i < 12; i++) {
      if (await page.evaluate(() => /until it reads|reads/i.test(document.body.innerText))) break;
      await press(page, 'button', 'Skip');
      await pause(900);
    }
    await pause(1500);
    await page.screenshot({ path: '/tmp/t/d3.png', fullPage: true });
    console.log(
      (await page.evaluate(() => document.body.innerText)).replaceAll('\n', ' / ').slice(0, 900),
    );
  });
  await step('second', async () => {
    await visit(page, `${studio.url}/plans/${idOf('Number 31')}/pour`);
    await press(page, 'button', /^(Begin|Go on)/);
    await pictured();
    await press(page, 'button', 'I have read it').catch(() => {});
    await pause(1000);
    await page.screenshot({ path: '/tmp/t/d4.png', fullPage: true });
  });
  await step('wide', async () => {
    await page.setViewport(WIDE);
    await inTheme(page, 'light');
    await pause(1500);
    await page.screenshot({ path: '/tmp/t/w1.png', fullPage: true });
    await press(page, 'button', 'Added');
    await pause(2500);
    await inTheme(page, 'dark');
    await page.screenshot({ path: '/tmp/t/w2.png', fullPage: true });
  });
  console.log(page.faults);
} finally {
  await browser.close();
  await studio.stop();
}
