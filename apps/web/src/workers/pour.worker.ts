// Hosts core/flow: runs the job of a preview in slices, and drills cores. Between slices it listens, so that a new plan takes the place of
// an old one within some milliseconds.
import {
  coresOn,
  type Engine,
  plainEngine,
  pourJob,
  type Told,
  type Workbench,
  workbench,
} from '@potter/core/flow';
import { loadEngine } from '@potter/kernel';
import { type FarHelper, helperAt } from './helped';
import { helpAt } from './helping';
import { listen, SLICE_MS } from './listen';
import type { Answer, Ask, Doing } from './messages';

type Show = Extract<Ask, { kind: 'show' }>;

/** What a worker knows itself by; the page's types have no worker in them. */
const host = globalThis as unknown as {
  onmessage: (event: { readonly data: Ask }) => void;
  postMessage(message: Answer, transfer?: Transferable[]): void;
};

/** How often progress is told, ms. */
const TELL_MS = 80;

// Without WebAssembly or its SIMD the twin does the same, slower.
const loaded: Promise<Engine> = loadEngine().catch(() => plainEngine);

let helper: FarHelper | undefined;
let bench: Workbench | undefined;
let current: Show | undefined;

host.onmessage = ({ data: ask }) => {
  switch (ask.kind) {
    case 'show':
      current = ask;
      void show(ask).catch((error: unknown) => {
        if (current === ask) host.postMessage({ kind: 'failed', job: ask.job, why: String(error) });
      });
      return;
    case 'stop':
      current = undefined;
      void helper?.quiet();
      return;
    case 'drill':
      void drill(ask.spot, ask.xMm, ask.yMm);
      return;
    case 'helped':
      helper = helperAt(ask.port);
      return;
    case 'alone':
      helper?.lose();
      return;
    case 'help':
      helpAt(ask.port, loaded);
  }
};

async function show(ask: Show): Promise<void> {
  const engine = await loaded;
  await helper?.quiet();
  if (current !== ask) return;
  bench ??= workbench(engine, undefined, helper);
  let doing: Doing = 'pouring';
  let told = -Infinity;
  let until = performance.now() + SLICE_MS;
  for (const step of pourJob(bench, ask)) {
    if (typeof step === 'number') {
      if (performance.now() - told > TELL_MS) {
        told = performance.now();
        host.postMessage({ kind: 'progress', job: ask.job, doing, share: step });
      }
    } else if (step.kind === 'doing') {
      doing = step.doing;
      host.postMessage({ kind: 'progress', job: ask.job, doing, share: 0 });
    } else post(ask.job, step);
    if (helper?.waits()) await helper.word();
    else if (performance.now() < until) continue;
    await listen();
    if (current !== ask) return;
    until = performance.now() + SLICE_MS;
  }
}

function post(job: number, step: Exclude<Told, number | { kind: 'doing' }>): void {
  if (step.kind === 'outcome') {
    host.postMessage({ kind: 'outcome', job, outcome: step.outcome });
    return;
  }
  const { kind, width, height, rgba, contours, finished } = step;
  host.postMessage(
    { kind, job, width, height, rgba: rgba.buffer, ...(contours ? { contours } : {}), finished },
    [rgba.buffer],
  );
}

async function drill(spot: number, xMm: number, yMm: number): Promise<void> {
  await loaded;
  if (!bench?.poured || !current) return;
  const drilling = coresOn(bench, current, xMm, yMm);
  let step = drilling.next();
  while (!step.done) step = drilling.next();
  host.postMessage({ kind: 'core', spot, cores: step.value });
}
