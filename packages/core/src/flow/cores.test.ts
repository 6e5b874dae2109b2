import { BASE, endOf, flipped, poured, scene } from './scene.test-data';
import { ANOTHER, drill, noCores } from './cores';
import { strataOf } from './strata';
import { viewOf } from './view';

const CLOSE = { heights: [1, 0.9, 0.6, 0.2], halvings: 5 };

function drilled(what: ReturnType<typeof scene>, places: readonly number[]) {
  const { pour, kernel } = poured(what, 48);
  const view = endOf(viewOf(pour, 48, 48));
  const raster = { across: 7, down: 7, unit: 8 };
  const cores = endOf(drill(kernel, view, strataOf(what), CLOSE, noCores(raster), places));
  return { cores, view };
}

test('one coat on another is found where it begins, between the heights traced: 0.6 on 1 mm at 0.625', () => {
  const coats = scene([BASE, { kind: 'overlay', mix: 'top', filmMm: 0.6 }]);
  const { cores } = drilled(coats, [16, 24]);
  for (const place of [16, 24]) {
    const knots = Array.from(
      { length: cores.past[place]! - cores.first[place]! },
      (_, k) => cores.first[place]! + k,
    );
    const begins = knots.filter((k) => cores.begins[k] === ANOTHER);
    expect(begins.map((k) => cores.source[k])).toEqual([1, 0]);
    // Within what is not told apart: 8 µm and a twentieth of the 160 µm above the gap, of 1600 µm.
    expect(Math.abs(cores.z[begins[1]!]! - 0.625)).toBeLessThan((8 + 0.05 * 600) / 1600);
    const heights = knots.map((k) => cores.z[k]!);
    expect(heights).toEqual([...heights].sort((a, b) => b - a));
  }
  expect(cores.past[0]).toBe(cores.first[0]);
});

test('cores there were stay as they were when more are drilled', () => {
  const flip = scene([BASE, flipped([100, 100], 20), { kind: 'rest', s: 10 }]);
  const { pour, kernel } = poured(flip, 48);
  const view = endOf(viewOf(pour, 48, 48));
  const strata = strataOf(flip);
  const none = noCores({ across: 7, down: 7, unit: 8 });
  const few = endOf(drill(kernel, view, strata, CLOSE, none, [24, 30]));
  const more = endOf(drill(kernel, view, strata, CLOSE, few, [25]));
  const read = (cores: typeof few, place: number) =>
    (['z', 'source', 'bin', 'acrossStream', 'begins'] as const).map((channel) => [
      ...cores[channel].slice(cores.first[place], cores.past[place]),
    ]);
  for (const place of [24, 30]) expect(read(more, place)).toEqual(read(few, place));
  const alone = endOf(drill(kernel, view, strata, CLOSE, none, [25]));
  expect(read(more, 25)).toEqual(read(alone, 25));
});
