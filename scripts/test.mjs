// Everything that must hold, in one command: npm test. Ends with "N passed, N failed" over all parts.
// npm run test:full takes the large samples where the short run takes small ones.
import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { copyFileSync, mkdtempSync, readdirSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { startStudio } from '../e2e/support/studio.mjs';
import { needChromium, needPackages } from './setup.mjs';

needPackages();
needChromium();

const full = process.argv.includes('--full');
const env = { ...process.env, ...(full ? { POTTER_FULL: '1' } : {}) };
let passed = 0;
let failed = 0;

const shell = (command, args, options = {}) =>
  spawnSync(command, args, { stdio: 'inherit', env, ...options });

/** A part of the whole, told with how long it took. */
async function part(name, run) {
  console.log(`\n— ${name}`);
  const began = performance.now();
  await run();
  console.log(`  ${seconds(began)} s`);
}

/** Steps that need nothing of each other, side by side; each is told whole, once it has ended. */
async function together(steps) {
  const began = performance.now();
  await Promise.all(
    steps.map(async ([name, command, args]) => {
      const child = spawn(command, args, { env, stdio: ['ignore', 'pipe', 'pipe'] });
      let said = '';
      for (const stream of [child.stdout, child.stderr])
        stream.on('data', (part) => (said += part));
      const [status] = await once(child, 'close');
      console.log(`\n— ${name}\n${said}  ${seconds(began)} s`);
      if (status === 0) passed++;
      else {
        failed++;
        console.log(`${name} failed`);
      }
    }),
  );
}

const seconds = (began) => ((performance.now() - began) / 1000).toFixed(0);

/** A step that holds or does not. */
const check = (name, command, args) =>
  part(name, () => {
    if (shell(command, args).status === 0) passed++;
    else {
      failed++;
      console.log(`${name} failed`);
    }
  });

function jest() {
  const file = join(mkdtempSync(join(tmpdir(), 'potter-jest-')), 'result.json');
  const { status } = shell(
    'npx',
    ['jest', '--ci', '--maxWorkers=2', '--json', `--outputFile=${file}`],
    { stdio: ['ignore', 'ignore', 'inherit'] },
  );
  const result = JSON.parse(readFileSync(file, 'utf8'));
  passed += result.numPassedTests;
  // A file that cannot be loaded has no tests to fail, but it has failed.
  failed +=
    result.numFailedTests +
    result.testResults.filter((f) => f.status === 'failed' && f.assertionResults.length === 0)
      .length;
  if (status !== 0 && result.success) failed++;
}

/** The demo's studio, filled once for all that want one: where its database is. */
async function filled() {
  const studio = await startStudio();
  await studio.halt();
  const file = join(mkdtempSync(join(tmpdir(), 'potter-filled-')), 'potter.db');
  copyFileSync(fileURLToPath(studio.db), file);
  await studio.stop();
  return file;
}

/** Begun first, so that it does not go on by itself once all else has ended. */
const LONGEST = 'screens.test.mjs';

async function endToEnd(database) {
  const all = readdirSync('e2e').filter(
    (f) => f.endsWith('.test.mjs') && (full || !f.endsWith('.full.test.mjs')),
  );
  const files = [LONGEST, ...all.filter((f) => f !== LONGEST)].map((f) => join('e2e', f));
  // Not before the packages are there.
  const { launch, SHORT_LIVED } = await import('../e2e/support/browser.mjs');
  const browser = await launch({}, SHORT_LIVED);
  const child = spawn('node', ['--test', '--test-reporter=tap', '--test-concurrency=2', ...files], {
    stdio: ['ignore', 'pipe', 'inherit'],
    env: { ...env, POTTER_FILLED: database, POTTER_BROWSER: browser.wsEndpoint() },
  });
  let stdout = '';
  child.stdout.on('data', (part) => (stdout += part));
  const [status] = await once(child, 'close');
  await browser.close();
  const count = (word) => Number(new RegExp(`^# ${word} (\\d+)`, 'm').exec(stdout)?.[1] ?? 0);
  passed += count('pass');
  failed += count('fail') + count('cancelled');
  if (status !== 0) console.log(stdout);
  if (status !== 0 && count('fail') + count('cancelled') === 0) failed++;
}

await check('contract compiled', 'node', ['packages/contract/build.mjs']);
await check('kernel compiled', 'node', ['packages/kernel/build.mjs']);
await together([
  ['types', 'npm', ['run', '-s', 'typecheck']],
  ['lint', 'npm', ['run', '-s', 'lint']],
  ['format', 'npm', ['run', '-s', 'format:check']],
]);
await part('unit and component tests', jest);
await check('build', 'npm', ['run', '-s', 'build']);
const database = await filled();
await part('end to end', () => endToEnd(database));
await check('held up to its promises, in short', 'npm', ['run', '-s', 'hold-up', '--', '--short']);

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed > 0 ? 1 : 0);
