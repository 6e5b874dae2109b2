import { type Engine, finish, type Look, workbench } from '@potter/core/flow';
import { brief, pourAskOf, previewOf, type Print, printOf } from '@potter/core/plan';
import { OAT, plan, QUINCE, SLATE } from '../../core/src/plan/fixture.test-data';
import { loadEngine } from './index';

let engine: Engine;
beforeAll(async () => {
  engine = await loadEngine();
});

const PLAN = plan([OAT, SLATE, QUINCE], {}, { school: 'lean' });

/** A print and the shares told on the way. */
function printed(look: Look) {
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
  const { print, shares } = printed('wet');
  // Poured once for both: only how it is looked at is another.
  const bench = workbench(engine);
  const seen = (view: Look) =>
    finish(bench, { ...pourAskOf(previewOf(PLAN, brief(PLAN))), pixels: [64], view });
  const [dry, wet] = [seen('dry'), seen('wet')];
  expect([print.width, print.height]).toEqual([wet.width, wet.height]);
  expect(same(print.rgba, wet.rgba)).toBe(true);
  expect(same(print.rgba, dry.rgba)).toBe(false);
  // 64 px over 500 mm.
  expect(print.dotsAnInch).toBeCloseTo((64 * 25.4) / 500, 6);
  for (let n = 1; n < shares.length; n++) expect(shares[n]).toBeGreaterThanOrEqual(shares[n - 1]!);
  expect(shares[0]).toBeLessThan(0.05);
  expect(shares.at(-1)).toBeGreaterThan(0.9);
  expect(shares.at(-1)).toBeLessThanOrEqual(1);
});
