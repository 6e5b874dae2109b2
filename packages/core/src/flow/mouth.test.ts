import type { Spot } from './disc';
import { bareFilm } from './film';
import { mouth } from './mouth';

const [H_M, R, WHOLE_M3, S] = [2e-3, 6, 20e-6, 10];
const spot = (x: number): Spot => ({ x, y: 20, r: R, s: 0, turned: 0 });

/** An even film on cells of 2 mm, and what of it is under a disc. */
function evenFilm() {
  const film = bareFilm({ nx: 60, ny: 40, dx: 2e-3 });
  film.h.fill(H_M);
  return { film, underM3: Math.PI * (R * 2e-3) ** 2 * H_M };
}

test('from a mouth that stands what lay there goes first, then the cup’s paint as it came', () => {
  const { film, underM3 } = evenFilm();
  const leaves = mouth(film, WHOLE_M3, S);
  // The film under it stays as high: what comes pushes as much out.
  const told = [0, 0.4, 2, 5, 10].map((t) => ({ t, ...leaves(t, [spot(20)], 0) }));
  for (const { t, s, below } of told) {
    expect(s).toBeCloseTo(t / S - underM3 / WHOLE_M3, 2);
    expect(below).toBe(0);
  }
  expect(told[0]!.s).toBeLessThan(0);
  expect(told.at(-1)!.s).toBeGreaterThan(0.9);
});

test('what falls beside the surface is the cup’s, and pushes nothing out', () => {
  const { film, underM3 } = evenFilm();
  const leaves = mouth(film, WHOLE_M3, S);
  leaves(0, [spot(20)], 0);
  // Half of all falls beside: what lay there takes twice as long to go.
  const [early, late] = [1, 5].map((t) => leaves(t, [spot(20)], (WHOLE_M3 * t) / S / 2).s);
  expect(early).toBeCloseTo(1 / S / 2 - underM3 / WHOLE_M3, 2);
  expect(late).toBeCloseTo(5 / S - (2 * underM3) / WHOLE_M3, 2);
});

test('a mouth that moves leaves behind, below the cup’s paint, what it moved over', () => {
  const { film, underM3 } = evenFilm();
  const leaves = mouth(film, WHOLE_M3, S);
  const told = Array.from({ length: 21 }, (_, n) => leaves(n / 2, [spot(15 + n)], 0));
  const shares = told.map(({ s }) => s);
  expect(shares).toEqual([...shares].sort((a, b) => a - b));
  // On the whole way it moves over 2r · l; what it leaves behind is no more than that.
  const movedM3 = 2 * R * 2e-3 * 20 * 2e-3 * H_M;
  expect(told.at(-1)!.below).toBeGreaterThan(0.1);
  expect(told.at(-1)!.below).toBeLessThan(movedM3 / underM3);
  // Nothing is in the cup: all that is left behind in the end lay there before.
  const empty = mouth(film, 1e-12, S);
  const bare = Array.from({ length: 41 }, (_, n) => empty(n / 4, [spot(12 + n)], 0));
  expect(bare.at(-1)!.below).toBeGreaterThan(0.9);
});
