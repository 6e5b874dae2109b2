import { cored, cornersOf, rowsOf } from './cored';
import { BASE, endOf, flipped, poured, scene } from './scene.test-data';
import { strataOf } from './strata';
import { viewOf } from './view';

const HEIGHTS = { heights: [1, 0.9, 0.6, 0.2], halvings: 1 };

function drilled(what: ReturnType<typeof scene>, closer: number, px = 96, unlike = 1) {
  const { pour, kernel } = poured(what, 48);
  const view = endOf(viewOf(pour, px, px));
  return endOf(cored(kernel, view, strataOf(what), { ...HEIGHTS, closer, unlike }, 4));
}

const flip = scene([BASE, flipped([100, 100], 40), { kind: 'rest', s: 10 }]);

test.each([0, 2])(
  'cells that may be quartered %i times cover a film once, none wider than a cell of its row',
  (closer) => {
    const film = drilled(flip, closer);
    const { cores, widest, rows, places, sizes } = film;
    expect(widest).toBe(2 ** closer);
    const covered = new Uint8Array(cores.across * cores.down);
    for (let row = 0; row < rowsOf(film); row++)
      for (let n = rows[row]!; n < rows[row + 1]!; n++) {
        const [x, y] = [places[n]! % cores.across, Math.floor(places[n]! / cores.across)];
        expect(Math.floor(y / widest)).toBe(row);
        for (let dy = 0; dy < sizes[n]!; dy++)
          for (let dx = 0; dx < sizes[n]!; dx++) covered[(y + dy) * cores.across + x + dx]!++;
      }
    for (let y = 0; y + 1 < cores.down; y++)
      for (let x = 0; x + 1 < cores.across; x++) expect(covered[y * cores.across + x]).toBe(1);
  },
);

test('where there is paint every cell has a core at each corner', () => {
  const { cores, places, sizes } = drilled(flip, 2);
  const inside = (place: number) =>
    [place % cores.across, Math.floor(place / cores.across)].every((n) => n * cores.unit < 96);
  places.forEach((place, n) => {
    for (const corner of cornersOf(cores, place, sizes[n]!))
      if (inside(corner)) expect(cores.past[corner]).toBeGreaterThan(cores.first[corner]!);
  });
});

test('a cup of one colour is quartered only where it borders on what it came on', () => {
  const cup = (n: number) => {
    const { sizes } = drilled(
      scene([BASE, flipped([100, 100], 40, n), { kind: 'rest', s: 10 }]),
      2,
    );
    return sizes.filter((size) => size === 1).length;
  };
  expect(cup(1)).toBeGreaterThan(0);
  expect(cup(1)).toBeLessThan(cup(4) / 2);
});

test('what is alike everywhere is not quartered, what was poured on it is where it borders', () => {
  const even = drilled(scene([BASE, { kind: 'rest', s: 5 }]), 2);
  expect(new Set(even.sizes)).toEqual(new Set([4]));
  const { sizes } = drilled(flip, 2);
  expect(new Set(sizes)).toEqual(new Set([1, 2, 4]));
});

test('the less unlike corners may be, the more cells are quartered', () => {
  const cells = (unlike: number) => drilled(flip, 2, 96, unlike).sizes.length;
  expect(cells(0.3)).toBeGreaterThan(cells(1));
  expect(cells(1)).toBeGreaterThan(cells(3));
});
