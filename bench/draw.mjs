// A surface with sixty marks on it while one is held and drawn about, and while a line is drawn: how long each frame takes.
import { edit, newPlan } from '@potter/core/plan';
import { plainSurface } from '@potter/core/surface';
import { launch, openPage, PHONE, press, visit } from '../e2e/support/browser.mjs';
import { startStudio } from '../e2e/support/studio.mjs';
import { watchFrames } from './frames.mjs';
import { putPlan } from './put-plan.mjs';
import { report } from './report.mjs';

const paints = ['#ece5d6', '#9b1f2b', '#3b464e'].map((hex, i) => ({
  id: `p${i}`,
  name: `Paint ${i + 1}`,
  hex,
  opacity: 'semi-opaque',
  body: 'soft',
  finish: 'satin',
}));
let plan = newPlan({
  title: 'Sixty marks',
  surface: plainSurface({ kind: 'rect', widthMm: 300, heightMm: 300 }),
  paints,
  technique: 'straight-pour',
});
for (let k = 0; k < 60; k++) {
  const at = edit.placeForMove(plan);
  plan = edit.addMove(plan, k === 0 ? 'trail' : 'blow', at);
  plan = edit.setMove(plan, at, (move) =>
    k === 0
      ? move
      : {
          ...move,
          fromMm: [30 + 30 * (k % 9), 30 + 34 * Math.floor(k / 9)],
          towardDeg: (37 * k) % 360,
        },
  );
}
const first = plan.moves.findIndex((m) => m.verb === 'trail');

const studio = await startStudio({ seed: false });
const id = await putPlan(studio, plan);
const browser = await launch();
const page = await openPage(browser, PHONE);
await visit(page, `${studio.url}/plans/${id}/draw?move=${first}`);
await page.waitForSelector('[aria-label^="Middle,"]');
const middle = (selector) =>
  page.$eval(selector, (node) => {
    const { left, top, width, height } = node.getBoundingClientRect();
    return [left + width / 2, top + height / 2];
  });
const framesSoFar = await watchFrames(page);

/** One finger about a place for some two seconds; frames while it moves. */
async function about([x, y]) {
  await new Promise((resolve) => setTimeout(resolve, 300));
  const touch = await page.touchscreen.touchStart(x, y);
  await framesSoFar();
  for (let i = 1; i <= 120; i++) {
    await touch.move(x + 60 * Math.sin(i / 9), y + 60 * (1 - Math.cos(i / 9)));
    await new Promise((resolve) => setTimeout(resolve, 12));
  }
  const frames = await framesSoFar();
  await touch.end();
  return frames;
}
const said = (what, frames) => {
  report(`${what}, 95 % of frames within`, frames[Math.floor(frames.length * 0.95)], 'ms', '≤ 20');
  report(`${what}, longest frame`, frames.at(-1), 'ms', '≤ 50');
};
said('a handle held among 60 marks', await about(await middle('[aria-label^="Middle,"]')));
await press(page, 'radio', 'Free');
const [x, y] = await middle('[aria-label="The surface to draw on"]');
said('a line drawn among 60 marks', await about([x - 90, y + 40]));
await browser.close();
await studio.stop();
