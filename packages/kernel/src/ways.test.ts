import { finish, runOffMl, workbench } from '@potter/core/flow';
import { brief, pourAskOf, wayOf, WAYS } from '@potter/core/plan';
import { OAT, plan, QUINCE, SLATE } from '../../core/src/plan/fixture.test-data';
import { loadEngine } from './index';

const RUNS = 200;

/** So many pours take long: the short run looks at what is drawn for each (`plan/preview/ways.test.ts`), this at what comes of it. */
const inFull = 'POTTER_FULL' in globalThis ? test : test.skip;

/**
 * What is shown as the range of a figure over nine ways has four in five of all others between its ends: (n − 1)/(n + 1) for draws that are alike
 * (order statistics; David and Nagaraja 2003, from memory). A way that were unlike the others, or a figure that did not vary, would show.
 */
inFull(
  'the shown range of every figure covers four in five of many plain runs',
  async () => {
    const p = plan([OAT, SLATE, QUINCE]);
    const computed = brief(p);
    const bench = workbench(await loadEngine(), 16_384);
    const outcomes = Array.from({ length: RUNS }, (_, nth) => {
      const ask = pourAskOf(wayOf(p, computed, nth));
      return finish(bench, { ...ask, pixels: [40], cells: 32, quick: true }).outcome;
    });
    const figures: readonly (readonly [string, (o: (typeof outcomes)[number]) => number])[] = [
      ['run-off', runOffMl],
      ['mean film', (o) => o.film.meanMm],
      ['thickest', (o) => o.film.thickestMm],
      ['what shows', (o) => o.shows['m-slate'] ?? 0],
    ];
    const shares = figures.map(([name, of]) => {
      const values = outcomes.map(of);
      expect([name, new Set(values).size > RUNS / 2]).toEqual([name, true]);
      let within = 0;
      let asked = 0;
      for (let from = 0; from + WAYS <= RUNS; from += WAYS) {
        const shown = values.slice(from, from + WAYS);
        const [least, most] = [Math.min(...shown), Math.max(...shown)];
        values.forEach((value, i) => {
          if (i >= from && i < from + WAYS) return;
          asked++;
          if (value >= least && value <= most) within++;
        });
      }
      return within / asked;
    });
    const mean = shares.reduce((a, b) => a + b, 0) / shares.length;
    expect(Math.abs(mean - 0.8)).toBeLessThan(0.08);
    for (const share of shares) expect(Math.abs(share - 0.8)).toBeLessThan(0.1);
  },
  120_000,
);
