import { emptyBirths } from './births';
import { traceBirths } from './trace';
import { BASE, endOf, flipped, poured, scene } from './scene.test-data';
import { soFar } from './so-far';
import { keyPictures } from './key-pictures';
import { plainEngine } from './engine';
import { hexToSpectrum } from '../optics/spectrum';
import type { Act } from './act';

const ACTS: readonly Act[] = [
  BASE,
  flipped([100, 100], 30, 2, { strayMm: 5 }),
  { kind: 'tilt', towardDeg: 45, angleDeg: 8, s: 8 },
  { kind: 'rest', s: 20 },
];
const whole = poured(scene(ACTS), 40);

/** Where the paint of every fourth cell came from, half way down. */
function birthsOf({ pour, kernel, site }: typeof whole) {
  const { nx, ny } = site.grid;
  const cells = Array.from({ length: nx * ny }, (_, i) => i).filter(
    (i) => site.inside[i] && i % 4 === 0 && pour.h[i]! > 2e-4,
  );
  const births = emptyBirths(nx * ny);
  const places = {
    index: Int32Array.from(cells),
    x: Float32Array.from(cells, (i) => (i % nx) + 0.5),
    y: Float32Array.from(cells, (i) => Math.floor(i / nx) + 0.5),
    z: new Float32Array(cells.length).fill(0.5),
    count: cells.length,
  };
  endOf(traceBirths(pour, kernel, places, births));
  return cells.map((i) => [births.source[i]!, births.s[i]!] as const);
}

test.each([1, 2, 3])(
  'after %i turns it is what a pour of those alone comes to: its film, and where its paint came from',
  (turns) => {
    const then = { ...whole, pour: soFar(whole.pour, turns) };
    const alone = poured(scene(ACTS.slice(0, turns)), 40);
    // Heights of the way there are kept to a µm.
    const apart = then.pour.h.map((h, i) => Math.abs(h - alone.pour.h[i]!));
    expect(Math.max(...apart)).toBeLessThan(1.1e-6);
    const [a, b] = [birthsOf(then), birthsOf(alone)];
    const unlike = a.filter(([source, s], i) => {
      const other = b[i];
      return !other || other[0] !== source || Math.abs(other[1] - s) > 0.02;
    });
    expect(a.length).toBeGreaterThan(50);
    expect(unlike.length / a.length).toBeLessThan(0.02);
  },
);

test('before the first turn it is bare; more turns than it took there are none of', () => {
  expect(Math.max(...soFar(whole.pour, 0).h)).toBe(0);
  expect(() => soFar(whole.pour, 5)).toThrow('the pour took 4 turns, not 5');
});

const ask = {
  scene: scene(ACTS),
  palette: {
    inks: Object.fromEntries(
      ['a', 'b', 'base'].map((mix, i) => [
        mix,
        { q: new Array<number>(36).fill(0.05 + i), s: 0.5 },
      ]),
    ),
    ground: hexToSpectrum('#f4f4f1'),
  },
  cells: 24,
  pixels: 20,
};
const keys = (share?: { from: number; every: number }) =>
  [...keyPictures(plainEngine, { ...ask, ...(share ? { share } : {}) })].flatMap((told) =>
    typeof told === 'number' ? [] : [told],
  );

test('a picture before the first turn and after each; what several see to is the same together', () => {
  const all = keys();
  expect(all.map((key) => key.turns)).toEqual([0, 1, 2, 3, 4]);
  const shared = [...keys({ from: 1, every: 2 }), ...keys({ from: 0, every: 2 })];
  shared.sort((one, other) => one.turns - other.turns);
  expect(shared).toEqual(all);
  // Bare ground, then all of the base, then a cup on it.
  const colours = all.map(({ rgba }) => new Set(new Uint32Array(rgba.buffer)).size);
  expect(colours.slice(0, 2)).toEqual([1, expect.any(Number)]);
  expect(all[0]!.rgba.slice(0, 3)).not.toEqual(all[1]!.rgba.slice(0, 3));
  expect(colours[2]).toBeGreaterThan(2);
});

test('dots on what has dried are a picture more, another pour on it one for each of its turns', () => {
  const spot = scene([flipped([50, 50], 8, 1), { kind: 'rest', s: 5 }]);
  const dots = [[{ mix: 'base', atMm: [150, 150] as [number, number], rMm: 12 }]];
  const later = { ...ask, dots, over: [{ scene: spot, dots: 1, stage: 1 }] };
  const pictures = [...keyPictures(plainEngine, later)].flatMap((told) =>
    typeof told === 'number' ? [] : [told],
  );
  expect(pictures.map(({ turns }) => turns)).toEqual([0, 1, 2, 3, 4, 5, 6, 7]);
  const at = (nth: number, xMm: number, yMm: number) => {
    const { width, rgba } = pictures[nth]!;
    const i = 4 * (Math.floor((yMm * width) / 200) * width + Math.floor((xMm * width) / 200));
    return [...rgba.subarray(i, i + 3)];
  };
  // The dot comes with the fifth, the pour beside it with the sixth; each leaves the other's place alone.
  expect(at(5, 150, 150)).not.toEqual(at(4, 150, 150));
  expect(at(5, 50, 50)).toEqual(at(4, 50, 50));
  expect(at(6, 50, 50)).not.toEqual(at(5, 50, 50));
  expect(at(7, 150, 150)).toEqual(at(5, 150, 150));
});
