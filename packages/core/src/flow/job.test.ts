import { hexToSpectrum } from '../optics/spectrum';
import { finish, pourJob, pourSeeds, type Told, workbench } from './job';
import { plainEngine } from './engine';
import { coresOn } from './cores-on';
import { poursOf } from './outcome';
import { BASE, endOf, flipped, scene } from './scene.test-data';

const palette = {
  inks: Object.fromEntries(
    ['a', 'b', 'base'].map((mix, i) => [mix, { q: new Array<number>(36).fill(0.05 + i), s: 0.05 }]),
  ),
  ground: hexToSpectrum('#f4f4f1'),
};
const dry = scene([BASE, flipped([100, 100], 30, 2, { strayMm: 5 })]);
const ask = { scene: dry, palette, pixels: [24, 40], cells: 40 };
const bench = () => workbench(plainEngine, 4096);
/** A sum that any changed byte changes. */
const sumOf = (bytes: Uint8ClampedArray) =>
  bytes.reduce((sum, byte, i) => (sum * 31 + byte + i) % 4294967291, 7);
const kinds = (told: Iterable<Told>) =>
  [...told].flatMap((t) =>
    typeof t === 'number' ? [] : t.kind === 'doing' ? [t.doing] : [t.kind],
  );

test('a job pours, looks, and shows coarse before fine, each picture with its outcome', () => {
  const one = ['picture', 'outcome'];
  expect(kinds(pourJob(bench(), ask))).toEqual(['pouring', 'looking', ...one, ...one]);
});

test('to somebody who waits a coarse pour is shown first, without figures; the end is the same', () => {
  const soon = [...pourJob(bench(), { ...ask, soon: { cells: 16, pixels: 12 } })];
  expect(kinds(soon).slice(0, 4)).toEqual(['pouring', 'picture', 'looking', 'picture']);
  const pictures = soon.flatMap((t) => (typeof t !== 'number' && t.kind === 'picture' ? [t] : []));
  expect(pictures.map((p) => p.width)).toEqual([12, 24, 40]);
  expect(pictures.map((p) => p.finished)).toEqual([false, false, true]);
  expect(sumOf(pictures[2]!.rgba)).toBe(sumOf(finish(bench(), ask).rgba));
});

test('a picture on the way there changes nothing of the finished one, and is none itself', () => {
  const [alone, both] = [finish(bench(), { ...ask, pixels: [40] }), finish(bench(), ask)];
  expect(sumOf(both.rgba)).toBe(sumOf(alone.rgba));
  expect(both.outcome).toEqual(alone.outcome);
  // Left once the smaller one was there: asked for by itself it is drilled through as closely as any.
  const on = bench();
  const work = pourJob(on, ask);
  for (let step = work.next(); !step.done; step = work.next())
    if (typeof step.value !== 'number' && step.value.kind === 'outcome') {
      expect(step.value.outcome.read).toBeUndefined();
      break;
    }
  const small = { ...ask, pixels: [24] };
  const [after, fresh] = [finish(on, small), finish(bench(), small)];
  expect(sumOf(after.rgba)).toBe(sumOf(fresh.rgba));
  expect(after.outcome.read).toBeDefined();
});

test('only colours changed: nothing is poured again, the fine picture comes at once', () => {
  const on = bench();
  finish(on, ask);
  const black = { ...palette, ground: hexToSpectrum('#101010') };
  expect(kinds(pourJob(on, { ...ask, palette: black }))).toEqual(['looking', 'picture', 'outcome']);
  expect(kinds(pourJob(on, { ...ask, scene: { ...dry, seed: 8 } }))[0]).toBe('pouring');
});

test('another grid is another pour', () => {
  const on = bench();
  finish(on, ask);
  expect(kinds(pourJob(on, { ...ask, cells: 32 }))[0]).toBe('pouring');
});

test('one seed gives one picture, on a fresh bench and on one whose memory is used again', () => {
  const on = bench();
  const all = [...pourSeeds(on, ask, [7, 9, 7])].map(({ finished }) => sumOf(finished.rgba));
  expect(all[2]).toBe(all[0]);
  expect(all[1]).not.toBe(all[0]);
  expect(sumOf(finish(bench(), ask).rgba)).toBe(all[0]);
});

test('a job left half way leaves a bench that works', () => {
  const on = bench();
  const work = pourJob(on, ask);
  for (let i = 0; i < 5; i++) work.next();
  expect(finish(on, { ...ask, pixels: [16] }).width).toBe(16);
});

describe('a pour on what has dried', () => {
  const spot = scene([flipped([50, 50], 8, 1)]);
  const over = { ...ask, pixels: [40], over: [{ scene: spot, dots: 0, stage: 1 }] };
  const at = (rgba: Uint8ClampedArray, xMm: number, yMm: number) => {
    const i = 4 * (Math.floor(yMm / 5) * 40 + Math.floor(xMm / 5));
    return [...rgba.subarray(i, i + 3)];
  };

  test('covers what it comes to, and leaves the rest as it was', () => {
    const [alone, both] = [finish(bench(), { ...ask, pixels: [40] }), finish(bench(), over)];
    expect(at(both.rgba, 50, 50)).not.toEqual(at(alone.rgba, 50, 50));
    for (const [x, y] of [
      [180, 20],
      [180, 180],
      [20, 180],
    ] as const)
      for (const [c, byte] of at(both.rgba, x, y).entries())
        expect(Math.abs(byte - at(alone.rgba, x, y)[c]!)).toBeLessThanOrEqual(1);
  });

  test('has figures of its own, as if it were poured alone; the first keeps its own, and what shows is of both', () => {
    const [alone, both] = [finish(bench(), { ...ask, pixels: [40] }), finish(bench(), over)];
    const { read: _, shows: before, ...first } = alone.outcome;
    const { read: __, shows, later, ...figures } = both.outcome;
    expect(figures).toEqual(first);
    const {
      read: ___,
      shows: own,
      ...by
    } = finish(bench(), { ...ask, scene: spot, pixels: [40] }).outcome;
    expect(later).toEqual([{ stage: 1, ...by }]);
    // The spot is all one mix, which the first pour has too.
    const [mix] = Object.keys(own) as [string];
    expect(shows[mix]!).toBeGreaterThan(before[mix]! + 0.01);
    for (const other of Object.keys(before).filter((name) => name !== mix))
      expect(shows[other]!).toBeLessThanOrEqual(before[other]! + 1e-9);
    expect(poursOf(both.outcome)).toHaveLength(2);
  });

  test('is drilled through before what it lies on', () => {
    const on = bench();
    finish(on, over);
    const at = (xMm: number, yMm: number) => endOf(coresOn(on, over, xMm, yMm));
    const [upper, lower] = at(50, 50);
    expect(new Set(upper!.map(({ mix }) => mix)).size).toBe(1);
    expect(lower!.length).toBeGreaterThan(0);
    const [none, still] = at(180, 180);
    expect(none).toEqual([]);
    expect(still!.length).toBeGreaterThan(0);
    expect(endOf(coresOn(bench(), over, 50, 50))).toEqual([]);
  });

  // One opaque film hides whatever is under it: the same as on any other ground.
  test('where it is thick what lies under it is not seen', () => {
    const covers = {
      ...palette,
      inks: { ...palette.inks, a: { q: new Array<number>(36).fill(2), s: 4 } },
    };
    const dark = { ...covers, ground: hexToSpectrum('#101010') };
    const [light, black] = [covers, dark].map((of) => {
      const job = { ...over, palette: of, scene: scene([flipped([150, 150], 2, 1)]) };
      return at(finish(bench(), job).rgba, 50, 50);
    });
    expect(light).toEqual(black);
  });

  test('is poured once while only colours change', () => {
    const on = bench();
    finish(on, over);
    const [poured] = on.over!;
    finish(on, { ...over, palette: { ...palette, ground: hexToSpectrum('#101010') } });
    expect(on.over![0]).toBe(poured);
  });
});
