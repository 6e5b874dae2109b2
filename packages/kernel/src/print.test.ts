import { type Engine } from '@potter/core/flow';
import { computePour, type Print, printOf } from '@potter/core/plan';
import { OAT, plan, QUINCE, SLATE } from '../../core/src/plan/fixture.test-data';
import { loadEngine } from './index';

let engine: Engine;
beforeAll(async () => {
  engine = await loadEngine();
});

const PLAN = plan([OAT, SLATE, QUINCE], {}, { school: 'lean' });

/** A print and the shares told on the way. */
function printed(look: 'dry' | 'wet') {
  const shares: number[] = [];
  const work = printOf({ plan: PLAN, px: 64, look }, engine);
  let step = work.next();
  for (; !step.done; step = work.next()) shares.push(step.value);
  const print: Print = step.value;
  return { print, shares };
}

const same = (one: Uint8ClampedArray, other: Uint8ClampedArray) =>
  Buffer.compare(Buffer.from(one.buffer), Buffer.from(other.buffer)) === 0;

test('a print is the preview’s picture of its size, as it is looked at; how far it is only grows, from the first step to the last', () => {
  const { print, shares } = printed('dry');
  const { finished } = computePour(PLAN, engine, { px: 64 });
  expect([print.width, print.height]).toEqual([finished.width, finished.height]);
  expect(same(print.rgba, finished.rgba)).toBe(true);
  expect(same(print.rgba, printed('wet').print.rgba)).toBe(false);
  // 64 px over 500 mm.
  expect(print.dotsAnInch).toBeCloseTo((64 * 25.4) / 500, 6);
  for (let n = 1; n < shares.length; n++) expect(shares[n]).toBeGreaterThanOrEqual(shares[n - 1]!);
  expect(shares[0]).toBeLessThan(0.05);
  expect(shares.at(-1)).toBeGreaterThan(0.9);
  expect(shares.at(-1)).toBeLessThanOrEqual(1);
});
