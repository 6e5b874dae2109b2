import { BASE, endOf, flipped, poured, scene } from './scene.test-data';
import { ANOTHER, drill, type Drilling, FOLDED, noCores } from './cores';
import { wholeAt } from './develop';
import { strataOf } from './strata';
import { viewOf } from './view';

const CLOSE = { heights: [1, 0.9, 0.6, 0.2, 0.1], halvings: 5 };

function drilled(
  what: ReturnType<typeof scene>,
  places: readonly number[],
  { heights, halvings }: Pick<Drilling, 'heights' | 'halvings'> = CLOSE,
) {
  const { pour, kernel } = poured(what, 48);
  const view = endOf(viewOf(pour, 48, 48));
  const raster = { across: 7, down: 7, unit: 8 };
  const cores = endOf(
    drill(kernel, view, strataOf(what), { heights, halvings }, noCores(raster), places),
  );
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
    // Within half of what is not told apart, 3 µm and a twentieth of the 600 µm above it, of 1600 µm: it begins in a gap's middle.
    expect(Math.abs(cores.z[begins[1]!]! - 0.625)).toBeLessThan((3 + 0.05 * 600) / 2 / 1600);
    const heights = knots.map((k) => cores.z[k]!);
    expect(heights).toEqual([...heights].sort((a, b) => b - a));
  }
  expect(cores.past[0]).toBe(cores.first[0]);
});

test.each([2, 4, 6])(
  'a skin of %i µm is told within a micrometre and a half, as a finished picture drills: white over a dye shows that',
  (um) => {
    const skin = scene([BASE, { kind: 'overlay', mix: 'white', filmMm: um / 1000 }]);
    const { cores } = drilled(skin, [24], wholeAt(512));
    const first = cores.first[24]!;
    const below = cores.source.subarray(first, cores.past[24]).indexOf(0);
    expect(Math.abs((1 - cores.z[first + below]!) * (1000 + um) - um)).toBeLessThan(1.5);
  },
);

test('folds are looked for in a cup of several strata, and in none of a single one, where they cannot be seen', () => {
  // There and back: what left last lies on what left first.
  const pathMm = [
    [60, 100],
    [140, 100],
    [60, 100],
  ] as const;
  const led = { pathMm, radiusMm: [{ at: 0, mm: 8 }], s: 8, core: false };
  const cup = (n: number) => scene([BASE, flipped([60, 100], 60, n, led)]);
  const places = Array.from({ length: 49 }, (_, i) => i);
  const folds = (n: number) => {
    const { cores } = drilled(cup(n), places);
    return [...cores.begins].filter((begins) => begins === FOLDED).length;
  };
  expect(folds(4)).toBeGreaterThan(0);
  expect(folds(1)).toBe(0);
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
