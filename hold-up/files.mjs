// Hostile files: sound ones cut, doubled, nested, filled with what breaks readers. Each is read or refused, none in over two seconds, none ends
// in an error of the program.
import { once as onceOf } from 'node:events';
import { mkdtemp, readdir, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { build } from 'esbuild';
import { chance } from './server.mjs';

export const name = 'hostile files';
export const whole = 2000;
export const short = 40;

const SLOWEST_MS = 2000;
/** Characters of a file, and of one that is still to be made worse. */
const MOST = 8_000_000;
const MOST_BEFORE = 200_000;
const root = join(import.meta.dirname, '..');
const demo = join(root, 'demo/orchard-ledger');

const SVG = '<svg xmlns="http://www.w3.org/2000/svg"><path d="M0 0H90V60L45 80 0 60z"/></svg>';
const PATH = 'M0 0C10 40 80 40 90 0V60a20 30 15 0 1-40 10Q10 90 0 60z';
const CSS = ':root {\n  --slate: #3b464e;\n  --oat-milk: #ece5d6;\n}\n';
const PALETTE = 'Slate,#3b464e\nOat milk,#ece5d6\n';

/** Bits that readers of such files stumble over. */
const BITS = [
  '\u0000',
  '\ufeff',
  '"',
  "'",
  '<g>',
  '</g>',
  '<!--',
  ']]>',
  '&#x41;',
  '=cmd()',
  '1e999',
  '-1e-320',
  'NaN',
  ',,,,',
  ';',
  '\r',
  '\n\n\n',
  '{"a":',
  '[[[[',
  'M0 0',
  'L1e9 -1e9',
  'A0 0 0 0 0 0 0',
  'z',
  '--a: ',
  '#12345',
  '💧',
  'e\u0301',
  '\u202e',
  '9'.repeat(400),
];

const WAYS = [
  (text, { at }) => text.slice(0, at(text)),
  (text, { at, pick }) => `${text.slice(0, at(text))}${pick(BITS)}${text.slice(at(text))}`,
  (text, { at, pick, upTo }) => {
    const [from, bit] = [at(text), pick(BITS)];
    return text.slice(0, from) + bit.repeat(upTo(20_000)) + text.slice(from);
  },
  (text, { at, upTo }) => {
    const from = at(text);
    return text.slice(0, from) + text.slice(from, from + 40).repeat(upTo(5000)) + text.slice(from);
  },
  (text, { upTo }) => text.repeat(upTo(200)),
  (text, { at }) => [...text.slice(at(text))].reverse().join(''),
  (text, { pick, upTo }) => pick(BITS).repeat(upTo(100_000)),
  (_text, { upTo, random }) =>
    Array.from({ length: upTo(4000) }, () => String.fromCharCode(random() * 0xd7ff)).join(''),
];

let world;

async function begin() {
  const folder = await mkdtemp(join(tmpdir(), 'potter-files-'));
  const script = join(folder, 'readers.mjs');
  await build({
    entryPoints: [join(root, 'hold-up/readers.ts')],
    outfile: script,
    bundle: true,
    platform: 'node',
    format: 'esm',
    logLevel: 'error',
    // Some of what is bundled asks for its parts the old way.
    banner: {
      js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);",
    },
  });
  const plans = await readdir(join(demo, 'plans'));
  const text = (...path) => readFile(join(demo, ...path), 'utf8');
  const sound = [
    ...(await Promise.all(plans.map(async (file) => ['plan', await text('plans', file)]))),
    ['table', await text('shelf.csv')],
    ['palette', CSS],
    ['palette', PALETTE],
    ['drawing', SVG],
    ['path', PATH],
  ];
  return { folder, script, sound, worker: new Worker(script) };
}

/** Has one text read; resolves to what went wrong, or undefined. */
async function read(kind, text) {
  const { worker } = world;
  const patience = new AbortController();
  const timer = setTimeout(() => patience.abort(), SLOWEST_MS);
  const answer = onceOf(worker, 'message', { signal: patience.signal });
  worker.postMessage({ kind, text });
  const said = await answer.then(
    ([told]) => told,
    (error) => ({
      threw: patience.signal.aborted ? `not read within ${SLOWEST_MS} ms` : String(error),
    }),
  );
  clearTimeout(timer);
  if (said.threw !== undefined) {
    await worker.terminate();
    world.worker = new Worker(world.script);
  }
  return said.threw;
}

/** File number n. */
export async function once(n) {
  world ??= await begin();
  const random = chance(n);
  const pick = (list) => list[Math.floor(random() * list.length)];
  const upTo = (most) => 1 + Math.floor(random() * most);
  const at = (text) => Math.floor(random() * text.length);
  const [kind, sound] = pick(world.sound);
  let text = sound;
  for (let i = upTo(3); i > 0; i--)
    text = pick(WAYS)(text.slice(0, MOST_BEFORE), { at, pick, upTo, random }).slice(0, MOST);
  const threw = await read(kind, text);
  return {
    tried: 1,
    lost: threw === undefined ? [] : [`${n}: ${kind} of ${text.length} characters: ${threw}`],
  };
}

export async function end() {
  if (!world) return;
  await world.worker.terminate();
  await rm(world.folder, { recursive: true, force: true });
}
