import {
  launch,
  openPage,
  visit,
  press,
  see,
  says,
  type,
  textOf,
  inTheme,
  PHONE,
  WIDE,
} from './support/browser.mjs';
import { startStudio, planOf } from './support/studio.mjs';
const studio = await startStudio();
const browser = await launch();
try {
  const page = await openPage(browser, PHONE);
  const shot = (p, n) => p.screenshot({ path: `/tmp/t/y-${n}.png` });
  const nap = (ms) => new Promise((r) => setTimeout(r, ms));
  const plan = await planOf(studio, 'Key tray');
  await visit(page, `${studio.url}/plans/${plan.id}/finish`);
  await press(page, 'button', 'Add a top coat');
  await press(page, 'radio', 'Two-part resin');
  await press(page, 'button', 'Set it on the plan');
  await nap(1500);
  await visit(page, `${studio.url}/plans/${plan.id}/pour`);
  await press(page, 'radio', '2 Top coat');
  await nap(800);
  await shot(page, '1ready');
  await press(page, 'button', /^Begin /);
  await press(page, 'button', 'I have read it');
  await nap(1000);
  await shot(page, '2run');
  await press(page, 'button', /^Weigh it/);
  await press(page, 'radio', 'Scale, I type');
  await press(page, 'button', 'The cup is on');
  await nap(500);
  await shot(page, '3weigh');
  for (let i = 0; i < 2; i++) {
    const g = /the scale should read ([\d.]+) g/.exec(await textOf(page))[1];
    await type(page, 'The scale reads, g', g);
    await press(page, 'button', `Take ${g} g`);
    await nap(300);
  }
  await nap(300);
  await shot(page, '4whole');
  await press(page, 'button', 'To the coat');
  await nap(800);
  await shot(page, '5open');
  for (let i = 0; i < 2; i++) {
    await press(page, 'button', /^Next/);
    await nap(900);
  }
  await press(page, 'button', 'Finish the pour');
  await nap(800);
  await shot(page, '6over');
  const q = await openPage(browser, WIDE);
  await visit(q, `${studio.url}/bench/rack`);
  await nap(1200);
  await shot(q, '7wide');
  await press(q, 'radio', 'Week');
  await nap(500);
  await q.evaluate(() =>
    document.querySelector('[aria-label="Week"]').scrollIntoView({ block: 'center' }),
  );
  await nap(300);
  await shot(q, '8week');
  await visit(page, `${studio.url}/plans/${plan.id}/card`);
  await nap(1200);
  await type(page, 'Made by', 'Marrow Street');
  await nap(400);
  await shot(page, '9card');
  await inTheme(page, 'dark');
  await visit(page, `${studio.url}/bench/rack`);
  await nap(1000);
  await shot(page, 'a-dark');
  console.log('ok');
} catch (e) {
  console.error(e);
} finally {
  await browser.close();
  await studio.stop?.();
}
process.exit(0);
