import { Refused } from '../refused';
import { printHost } from './host';
import type { PrintAsked } from './told';

/** A thread that does what a text says, in place of the built one. */
const thread = (script: string): URL =>
  new URL(
    `data:text/javascript,${encodeURIComponent(`import { parentPort, workerData } from 'node:worker_threads'; ${script}`)}`,
  );

const asked = (px: number): PrintAsked => ({
  plan: { seed: 4 } as PrintAsked['plan'],
  px,
  look: 'wet',
});

/** Its picture is how large it was asked for, as a byte; the first of all waits to be told. */
const AT_ONCE = `parentPort.postMessage({ share: 0.5 }); parentPort.postMessage({ png: Uint8Array.of(workerData.px) });`;
const NEVER = `parentPort.postMessage({ share: 0.25 }); setInterval(() => {}, 1000);`;

async function until(is: () => boolean): Promise<void> {
  for (let n = 0; n < 400 && !is(); n++) await new Promise((resolve) => setTimeout(resolve, 10));
  expect(is()).toBe(true);
}

test('a print is made and can be taken; what it is of is told with it', async () => {
  const host = printHost(thread(AT_ONCE));
  expect(host.told('a')).toEqual({ state: 'none', share: 0 });
  const of = { px: 16, look: 'wet', seed: 4 };
  expect(host.begin('a', asked(16))).toEqual({ state: 'waiting', share: 0, of });
  expect(host.png('a')).toBeUndefined();
  await until(() => host.told('a').state === 'done');
  expect(host.told('a')).toEqual({ state: 'done', share: 1, of });
  expect([...host.png('a')!]).toEqual([16]);
  await host.close();
});

test('one at a time: the next waits, and begins once the first is left off', async () => {
  const host = printHost(thread(`if (workerData.px === 16) { ${NEVER} } else { ${AT_ONCE} }`));
  host.begin('a', asked(16));
  await until(() => host.told('a').share === 0.25);
  host.begin('b', asked(17));
  await new Promise((resolve) => setTimeout(resolve, 50));
  expect(host.told('b').state).toBe('waiting');
  expect(host.drop('a')).toEqual({ state: 'none', share: 0 });
  await until(() => host.told('b').state === 'done');
  expect(host.told('a').state).toBe('none');
  await host.close();
});

test('another of the same plan takes the place of the one under way', async () => {
  const host = printHost(thread(`if (workerData.px === 16) { ${NEVER} } else { ${AT_ONCE} }`));
  host.begin('a', asked(16));
  await until(() => host.told('a').state === 'computing');
  host.begin('a', asked(18));
  await until(() => host.told('a').state === 'done');
  expect([...host.png('a')!]).toEqual([18]);
  await host.close();
});

test('the last two that were made are kept', async () => {
  const host = printHost(thread(AT_ONCE));
  for (const plan of ['a', 'b', 'c']) {
    host.begin(plan, asked(16));
    await until(() => host.told(plan).state === 'done');
  }
  expect(['a', 'b', 'c'].map((plan) => host.told(plan).state)).toEqual(['none', 'done', 'done']);
  await host.close();
});

test('what goes wrong is said, and the next is made; no more wait than a studio has plans in hand', async () => {
  const host = printHost(
    thread(
      `if (workerData.px === 16) throw new RangeError('Array buffer allocation failed'); ${AT_ONCE}`,
    ),
  );
  host.begin('a', asked(16));
  host.begin('b', asked(17));
  await until(() => host.told('b').state === 'done');
  expect(host.told('a')).toMatchObject({
    state: 'failed',
    why: 'this machine has not enough memory for one so large; ask for a smaller one',
  });
  await host.close();
  const ending = printHost(thread('parentPort.postMessage({ share: 0.25 });'));
  ending.begin('a', asked(16));
  await until(() => ending.told('a').state === 'failed');
  expect(ending.told('a').why).toBe('it ended before it was done');
  const busy = printHost(thread(NEVER));
  busy.begin('first', asked(16));
  await until(() => busy.told('first').state === 'computing');
  for (let n = 0; n < 8; n++) busy.begin(`plan ${n}`, asked(16));
  expect(() => busy.begin('one more', asked(16))).toThrow(Refused);
  await busy.close();
});
