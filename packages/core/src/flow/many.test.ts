import type { Act } from './act';
import { layGrid } from './ground';
import { plainKernel } from './kernel';
import { flipped, poured, scene } from './scene.test-data';
import { MOST_ACTS, pourOn } from './simulate';
import { mixesOf, strataOf } from './strata';
import { emptyBirths, NONE } from './births';
import type { Traced } from './traced';
import { wayBack } from './way-back';

test('two hundred and eighty strata are told apart: each birth lies in its own cup', () => {
  const cups = Array.from({ length: 70 }, () => flipped([100, 100], 4, 4));
  const many = scene(cups);
  const { at, wave } = strataOf(many);
  const births = emptyBirths(70);
  for (let i = 0; i < 70; i++) {
    births.source[i] = i;
    births.s[i] = 0.5;
    births.wave[i] = wave(births, i);
  }
  expect(mixesOf(many)).toHaveLength(280);
  Array.from({ length: 70 }, (_, i) => at(births, i)).forEach((k, i) => {
    expect(k).toBeGreaterThanOrEqual(4 * i);
    expect(k).toBeLessThan(4 * i + 4);
  });
});

test('a pour of four hundred acts is traced to the one each place came from', () => {
  const films = Array.from({ length: 400 }, (_, i): Act => ({
    kind: 'overlay',
    mix: `m${i}`,
    filmMm: 0.01,
  }));
  const { pour, kernel, site } = poured(scene(films), 16);
  const { x, y, z } = kernel.samples;
  const births = emptyBirths(4);
  const at = 100 / site.cellMm;
  const wanted = [399.5, 300.5, 200.5, 0.5];
  const born: number[] = [];
  wanted.forEach((level, k) => {
    x[k] = y[k] = at;
    z[k] = level / 400;
  });
  // Each film on its own way back, from the last to the first.
  const live = new Set(wanted.map((_, k) => k));
  const traced: Traced = {
    kernel,
    site,
    count: 4,
    born: (k, source) => {
      if (live.delete(k)) born[k] = source;
      z[k] = -1;
    },
  };
  for (const step of [...pour.steps].reverse()) wayBack(step, pour)(traced);
  expect(born).toEqual([399, 300, 200, 0]);
  expect(births.source[0]).toBe(NONE);
});

test('more acts than can be told apart are refused, not mixed up', () => {
  const one: Act = { kind: 'rest', s: 1 };
  const what = scene(new Array<Act>(MOST_ACTS + 1).fill(one));
  const site = layGrid(what, 16);
  expect(() => pourOn(plainKernel(site.grid, 4), what, site).next()).toThrow('at the most');
});
