import { ALWAYS, emptyBirths, NONE } from './births';
import { rolledUnder, toNearestStream } from './dry-front';
import { flipped, poured, scene } from './scene.test-data';

const lostAt = (places: readonly (readonly [x: number, y: number])[], since = ALWAYS) => ({
  index: places.map((_, n) => n),
  x: places.map(([x]) => x),
  y: places.map(([, y]) => y),
  since: places.map(() => since),
  count: places.length,
});
const { pour } = poured(scene([flipped([100, 100], 60, 4)]), 64);
const { nx } = pour.site.grid;
const firstWetAt = (x: number, y: number) => pour.firstWet[Math.floor(y) * nx + Math.floor(x)]!;
/** Of the cells that a front came to, every seventh. */
const reached = Array.from(pour.firstWet.keys()).filter(
  (cell) => cell % 7 === 0 && pour.firstWet[cell]! > 0 && pour.firstWet[cell]! < pour.steps.length,
);

test('what a front rolled over is looked for on the surface behind it, when it came by, the latest first', () => {
  const lost = lostAt(reached.map((cell) => [(cell % nx) + 0.3, Math.floor(cell / nx) + 0.8]));
  const under = rolledUnder(pour, lost);
  expect(lost.count).toBeGreaterThan(20);
  expect([...under.index].sort((a, b) => a - b)).toEqual(lost.index);
  for (let n = 0; n < under.count; n++) {
    const [was, since] = [under.index[n]!, under.since![n]!];
    expect(under.z[n]).toBe(1);
    expect(since).toBe(firstWetAt(lost.x[was]!, lost.y[was]!));
    if (n > 0) expect(since).toBeLessThanOrEqual(under.since![n - 1]!);
    // Nearer to where the cup stood, in one of the cells around, wet by then.
    expect(firstWetAt(under.x[n]!, under.y[n]!)).toBeLessThanOrEqual(since);
    expect(Math.abs(under.x[n]! - lost.x[was]!)).toBeLessThan(2);
    expect(Math.abs(under.y[n]! - lost.y[was]!)).toBeLessThan(2);
  }
  const fromCup = (x: ArrayLike<number>, y: ArrayLike<number>) =>
    lost.index.reduce((sum, n) => sum + Math.hypot(x[n]! - nx / 2, y[n]! - nx / 2), 0);
  expect(fromCup(under.x, under.y)).toBeLessThan(fromCup(lost.x, lost.y));
});

test('where nothing was ever wet it is looked for from the end on, and outside the grid at its border', () => {
  const under = rolledUnder(
    pour,
    lostAt([
      [0.5, 0.5],
      [-3, 900],
    ]),
  );
  expect([...under.since!]).toEqual([ALWAYS, ALWAYS]);
  // What went over the edge in the third step is not looked for after it.
  const gone = rolledUnder(
    pour,
    lostAt(
      reached.map((cell) => [(cell % nx) + 0.5, Math.floor(cell / nx) + 0.5]),
      3,
    ),
  );
  expect(Math.max(...gone.since!)).toBe(3);
  expect(Math.max(...under.x, ...under.y)).toBeLessThan(nx + 2);
  expect(Math.min(...under.x, ...under.y)).toBeGreaterThan(0);
});

test('what is lost for good is paint of the nearest stream', () => {
  const two = poured(scene([flipped([60, 100], 30, 2), flipped([140, 100], 30, 2)]), 64).pour;
  const cells = (mm: number, axis: 0 | 1) => (mm + two.site.originMm[axis]) / two.site.cellMm;
  const births = emptyBirths(3);
  toNearestStream(
    two,
    lostAt([
      [cells(70, 0), cells(90, 1)],
      [cells(150, 0), cells(100, 1)],
    ]),
    births,
  );
  expect([...births.source]).toEqual([0, 1, NONE]);
  expect(Math.hypot(births.xi[0]!, births.eta[0]!)).toBeCloseTo(1, 6);
});
