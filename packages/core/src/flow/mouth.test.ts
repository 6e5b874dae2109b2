import type { Spot } from './disc';
import { patchAt } from './field-at';
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

const standing = (film: ReturnType<typeof bareFilm>, strays = (_: number) => 20) =>
  mouth(
    film,
    { wholeM3: WHOLE_M3, s: S, stands: true, spots: (share) => [spot(strays(share))] },
    () => undefined,
  );
const sliding = (film: ReturnType<typeof bareFilm>) =>
  mouth(
    film,
    { wholeM3: WHOLE_M3, s: S, stands: false, spots: (share) => [spot(15 + 20 * share)] },
    () => undefined,
  );

test('from a mouth that stands what lay there goes first, then the cup’s paint as it came', () => {
  const { film, underM3 } = evenFilm();
  const leaves = standing(film);
  // The film under it stays as high: what comes pushes as much out.
  const told = [0, 0.4, 2, 5, 10].map((t) => ({ t, ...leaves(t, [spot(20)], 0)[0]! }));
  for (const { t, s, below } of told) {
    expect(s).toBeCloseTo(t / S - underM3 / WHOLE_M3, 2);
    expect(below).toBeUndefined();
  }
  expect(told[0]!.s).toBeLessThan(0);
  expect(told.at(-1)!.s).toBeGreaterThan(0.9);
});

test('what falls beside the surface is the cup’s, and pushes nothing out', () => {
  const { film, underM3 } = evenFilm();
  const leaves = standing(film);
  leaves(0, [spot(20)], 0);
  // Half of all falls beside: what lay there takes twice as long to go.
  const [early, late] = [1, 5].map((t) => leaves(t, [spot(20)], (WHOLE_M3 * t) / S / 2)[0]!.s);
  expect(early).toBeCloseTo(1 / S / 2 - underM3 / WHOLE_M3, 2);
  expect(late).toBeCloseTo(5 / S - (2 * underM3) / WHOLE_M3, 2);
});

test('what a mouth strays over is stirred into what it pushes out', () => {
  const { film } = evenFilm();
  const leaves = standing(film, (share) => 20 + 6 * share);
  leaves(0, [spot(20)], 0);
  // Half its radius on; it had nothing below it before.
  const { below } = leaves(5, [spot(23)], 0)[0]!;
  const lune = 1 - (2 * Math.acos(0.25) - 0.5 * Math.sqrt(1 - 0.25 ** 2)) / Math.PI;
  expect(patchAt(below!, 23, 20)).toBeCloseTo(lune, 1);
  expect(patchAt(below!, 18, 24)).toBe(patchAt(below!, 23, 20));
});

test('below a mouth that slides lies what was there; its own paint leaves as it came, less what is still above that', () => {
  const { film, underM3 } = evenFilm();
  const leaves = sliding(film);
  expect(leaves(0, [spot(15)], 0)[0]!.s).toBeCloseTo(0, 9);
  // As much again has come to stand everywhere, and nothing flowed.
  film.h.fill(2 * H_M);
  const halfway = leaves(5, [spot(25)], 0)[0]!;
  expect(halfway.s).toBeCloseTo(0.5 - underM3 / WHOLE_M3, 2);
  expect(patchAt(halfway.below!, 25, 20)).toBeCloseTo(0.5, 6);
  // W never falls, whatever comes back under it.
  film.h.fill(3 * H_M);
  expect(leaves(5.1, [spot(25.2)], 0)[0]!.s).toBeGreaterThanOrEqual(halfway.s);
});

test('an empty cup leaves nothing but what lay there', () => {
  const { film } = evenFilm();
  const leaves = sliding(film);
  for (const n of [0, 1, 2, 3, 4]) {
    const { below } = leaves(n, [spot(15 + n)], (WHOLE_M3 * n) / S)[0]!;
    expect(patchAt(below!, 15 + n, 20)).toBeCloseTo(1, 9);
  }
});
