import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import type { Act } from './act';
import { type Births, emptyBirths } from './births';
import { plainKernel } from './kernel';
import { BASE, endOf, flipped, poured, scene } from './scene.test-data';
import type { Pour } from './simulate';
import { traceBirths } from './trace';

const dropped = flipped([100, 100], 2, 1);
/** Every act there is, each upon what the others left. */
const ACTS: readonly Act[] = [
  BASE,
  flipped([90, 110], 40, 2),
  flipped([60, 60], 20, 2, {
    core: false,
    pathMm: [
      [60, 60],
      [140, 70],
    ],
  }),
  {
    ...dropped,
    kind: 'drop',
    spotsMm: [
      [130, 130],
      [70, 120],
    ],
  },
  { kind: 'tilt', towardDeg: 30, angleDeg: 6, s: 3 },
  { kind: 'spin', aboutMm: [100, 100], turnsPerMin: 20, s: 2 },
  {
    kind: 'jet',
    fromMm: [80, 80],
    towardDeg: 20,
    reachMm: 50,
    press: 0.02,
    shear: 0.005,
    spotMm: 9,
    s: 0.5,
  },
  { kind: 'heat', thinsLn: 0.5, s: 4 },
  { kind: 'blade', fromMm: [40, 100], toMm: [160, 110], widthMm: 60, gapMm: 1, lengthMm: 20 },
  {
    kind: 'drag',
    lineMm: [
      [50, 80],
      [150, 90],
    ],
    takesMm: 20,
    reachMm: 4,
  },
  { kind: 'press', atMm: [110, 120], rMm: 20, leaves: 0.3 },
  {
    kind: 'pull',
    lineMm: [
      [60, 140],
      [140, 130],
    ],
    towardDeg: 90,
    radiusMm: 2,
    takes: 0.7,
  },
  { kind: 'dip', s: 1, keeps: 0.6, presses: 1.5 },
  { kind: 'clear', atMm: [80, 100], rMm: 15, leaves: 0.1 },
  { kind: 'scrape', keeps: 0.4 },
  { kind: 'rest', s: 10 },
];
const ACROSS = 40;

/** Births of a lattice of places, near the surface and deep. */
function birthsOf(pour: Pour): Births {
  const count = 2 * ACROSS * ACROSS;
  const { nx, ny } = pour.site.grid;
  const at = (of: (n: number) => number) => Float32Array.from({ length: count }, (_, n) => of(n));
  const places = {
    index: Int32Array.from({ length: count }, (_, n) => n),
    x: at((n) => ((n % ACROSS) * nx) / ACROSS),
    y: at((n) => ((Math.floor(n / ACROSS) % ACROSS) * ny) / ACROSS),
    z: at((n) => (n < count / 2 ? 0.98 : 0.4)),
    count,
  };
  const births = emptyBirths(count);
  endOf(traceBirths(pour, plainKernel(pour.site.grid, count), places, births));
  return births;
}

test('a pour handed over as data is gone back through as where it was poured, whatever was done in it', () => {
  const kinds = readdirSync(join(__dirname, 'act')).map((file) => file.replace('.ts', ''));
  expect(new Set(ACTS.map(({ kind }) => kind))).toEqual(
    new Set(kinds.filter((kind) => kind !== 'define' && kind !== 'index')),
  );
  const { pour } = poured(scene(ACTS), 48);
  const own = birthsOf(pour);
  expect(birthsOf(structuredClone(pour))).toEqual(own);
  // Paint of all that brought some is found: the ways back led somewhere.
  const brought = ACTS.flatMap(({ kind }, n) =>
    ['overlay', 'stream', 'drop'].includes(kind) ? [n] : [],
  );
  expect([...new Set(own.source)].sort((a, b) => a - b)).toEqual(expect.arrayContaining(brought));
});
