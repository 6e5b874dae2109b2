// A plan of 12 colours and 40 layers while a layer is dragged through them: how long each frame takes.
import { newPlan, edit } from '@potter/core/plan';
import { plainSurface } from '@potter/core/surface';
import { launch, openPage, visit, WIDE } from '../e2e/support/browser.mjs';
import { startStudio } from '../e2e/support/studio.mjs';
import { watchFrames } from './frames.mjs';
import { putPlan } from './put-plan.mjs';
import { report } from './report.mjs';

const paints = Array.from({ length: 12 }, (_, i) => ({
  id: `p${i}`,
  name: `Paint ${i + 1}`,
  hex: `#${(0x204060 + i * 0x0f1a07).toString(16).slice(-6).padStart(6, '0')}`,
  opacity: 'semi-opaque',
  body: 'soft',
  finish: 'satin',
}));
let plan = newPlan({
  title: 'Forty layers',
  surface: plainSurface({ kind: 'rect', widthMm: 300, heightMm: 300 }),
  paints,
  technique: 'flip-cup',
});
plan = edit.setCup(plan, 0, (cup) => ({
  ...cup,
  layers: Array.from({ length: 40 }, (_, i) => ({
    mix: `m-p${i % 12}`,
    parts: 1,
    placement: 'wall',
  })),
}));

const studio = await startStudio({ seed: false });
const id = await putPlan(studio, plan);
const browser = await launch();
const page = await openPage(browser, WIDE);
await visit(page, `${studio.url}/plans/${id}/cups`);
// The picture of the pour comes first: its arrival draws the whole station anew.
await page.waitForFunction(
  () => {
    const canvas = document.querySelector('canvas');
    return canvas && canvas.width >= 512 && !document.querySelector('[role="progressbar"]');
  },
  { timeout: 60000, polling: 100 },
);
const row = await page.$('[aria-label="Layers, last in first"] [role="button"]');
const { x, y } = await row.boundingBox();
const framesSoFar = await watchFrames(page);
await new Promise((resolve) => setTimeout(resolve, 300));
await framesSoFar();
await page.mouse.move(x + 60, y + 30);
await page.mouse.down();
for (let i = 1; i <= 120; i++) {
  await page.mouse.move(x + 60, y + 30 + i * 4);
  await new Promise((resolve) => setTimeout(resolve, 12));
}
const frames = await framesSoFar();
await page.mouse.up();
await new Promise((resolve) => setTimeout(resolve, 600));
const dropped = await framesSoFar();
await browser.close();
await studio.stop();
report(
  'dragging among 40 layers, 95 % of frames within',
  frames[Math.floor(frames.length * 0.95)],
  'ms',
  '≤ 20',
);
report('dragging among 40 layers, longest frame', frames.at(-1), 'ms', '≤ 50');
report('the frame that takes over what was dropped', dropped.at(-1), 'ms', 'no target');
