// Photographed opacity cards of twelve megapixels, found, squared, evened and read, from the picture chosen to the boxes told.
import { spawnSync } from 'node:child_process';
import { mkdtemp } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import sharp from 'sharp';
import { launch, openPage, PHONE, press, see, visit } from '../e2e/support/browser.mjs';
import { startStudio } from '../e2e/support/studio.mjs';
import { report } from './report.mjs';

const root = join(import.meta.dirname, '..');
const folder = await mkdtemp(join(tmpdir(), 'potter-'));
const small = join(folder, 'small.jpg');
const made = spawnSync('npx', ['tsx', 'e2e/support/made-card.ts', small], { cwd: root });
if (made.status !== 0) throw new Error(String(made.stderr));
const cards = JSON.parse(String(made.stdout)).length;
const file = join(folder, 'cards.jpg');
await sharp(small).resize(4000, 3000).jpeg({ quality: 90 }).toFile(file);

const studio = await startStudio();
const browser = await launch();
const page = await openPage(browser, PHONE);
await visit(page, `${studio.url}/trials`);
await press(page, 'button', 'Opacity card');
await press(page, 'radio', 'By camera');
const [chooser] = await Promise.all([
  page.waitForFileChooser(),
  press(page, 'button', 'Choose one'),
]);
const from = performance.now();
await chooser.accept([file]);
await see(page, 'group', 'Card 1 from the top');
report(
  `${cards} cards read off 12 megapixels`,
  performance.now() - from,
  'ms',
  '≤ 1000 for one card',
);
await browser.close();
await studio.stop();
