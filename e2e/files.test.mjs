// Plan files: out of the application and in again; a bad one refused whole, with every fault and its place.
import assert from 'node:assert/strict';
import { mkdtemp, readFile, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { before, test } from 'node:test';
import { atStudio } from './support/at-studio.mjs';
import { downloads, PHONE, press, says, visit } from './support/browser.mjs';

const studio = atStudio();
let folder;
before(async () => {
  folder = await mkdtemp(join(tmpdir(), 'potter-files-'));
});

const demo = async (name) =>
  JSON.parse(
    await readFile(join(import.meta.dirname, '../demo/orchard-ledger/plans', name), 'utf8'),
  );
const plans = async () => (await (await fetch(`${studio.url}/api/plans`)).json()).plans;

async function open(page, file) {
  const [chooser] = await Promise.all([
    page.waitForFileChooser(),
    press(page, 'button', 'Open a plan file'),
  ]);
  await chooser.accept([file]);
}

test('a bad file is refused with a pointer to every fault, and nothing is changed', async () => {
  const plan = await demo('1-quince-and-slate.pour.json');
  plan.surface.shape.widthMm = -3;
  plan.mixes[0].consistency = 'runny';
  plan.colour = 1;
  const file = join(folder, 'bad.pour.json');
  await writeFile(file, JSON.stringify(plan));
  const page = await studio.open(PHONE);
  await visit(page, `${studio.url}/plans`);
  const before = await plans();
  await open(page, file);
  await says(page, 'It has 3 faults');
  await says(page, '/surface/shape/widthMm must be at least 5; it is -3');
  await says(
    page,
    '/mixes/0/consistency must be one of "thin", "flowing", "medium", "thick"; it is "runny"',
  );
  await says(page, '/colour is not part of the format; take it out');
  assert.deepEqual(await plans(), before);

  plan.cups[0].layers[2].mix = 'x';
  Object.assign(plan.surface.shape, { widthMm: 500 });
  plan.mixes[0].consistency = 'medium';
  delete plan.colour;
  await writeFile(file, JSON.stringify(plan));
  await open(page, file);
  await says(page, '/cups/0/layers/2/mix no mix "x"; there are "m-oat"');
  await writeFile(file, 'not json');
  await open(page, file);
  await says(page, 'not a JSON file');
  assert.deepEqual(await plans(), before);
});

test('a plan saved as a file is the plan, and opens again as another', async () => {
  const page = await studio.open(PHONE);
  const quince = (await plans()).find((p) => p.title === 'Quince and Slate');
  const saved = await downloads(page, folder);
  await visit(page, `${studio.url}/plans/${quince.id}/surface`);
  await press(page, 'button', 'Save as file');
  const name = 'quince-and-slate.pour.json';
  const file = join(folder, name);
  assert.deepEqual(
    JSON.parse((await saved(name)).toString()),
    await demo('1-quince-and-slate.pour.json'),
  );

  await visit(page, `${studio.url}/plans`);
  await open(page, file);
  await page.waitForFunction(() => location.pathname.endsWith('/surface'));
  assert.equal((await plans()).filter((p) => p.title === 'Quince and Slate').length, 2);
});
