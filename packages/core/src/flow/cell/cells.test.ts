import { contours } from 'd3-contour';
import { type Factors, factorsWith } from '../../factor';
import type { Act } from '../act';
import { begin, emptyColumns, goOn, runsOf } from '../columns';
import { develop, type Plate } from '../develop';
import { endOf, oncePoured, poured, scene } from '../scene.test-data';
import { type Cells, cellsOf, type CellsTold, type Makeup, opened, tellCells, turnedFrom } from '.';
import { drawnOut } from './stretch';
import { rhoAt } from './seen-in';
import { openMm } from './told';
import { turning } from './turning';

/** Paint of one weight, with nothing in it. */
const PLAIN: Makeup = {
  densityKgM3: 1060,
  oil: 0,
  oilPaS: 0,
  matt: 0,
  flakes: 0,
  activator: false,
};
const HEAVY = { ...PLAIN, densityKgM3: 1160 };
const OILY = { ...PLAIN, oil: 2, oilPaS: 0.35 };

const SIDE = 60;
const film = (mix: string, filmMm: number): Act => ({ kind: 'overlay', mix, filmMm });
const LAID = [film('under', 1), film('over', 0.4)];
const rest = (s: number): Act => ({ kind: 'rest', s });
/** Behind a raised rim, so that the film stays as thick as it was laid. */
const make = oncePoured(({ acts, sets = 0 }: { readonly acts: readonly Act[]; sets?: number }) =>
  poured(scene(acts, { widthMm: SIDE, heightMm: SIDE, rimMm: 20, nu: 4e-4, setsPerS: sets }), 48),
);

interface Asked {
  readonly acts?: readonly Act[];
  readonly sets?: number;
  readonly over?: Makeup;
  readonly under?: Makeup;
  readonly factors?: Partial<Factors>;
}

function cellsIn({
  acts = [...LAID, rest(120)],
  sets,
  over = HEAVY,
  under = PLAIN,
  factors,
}: Asked) {
  const made = make({ acts, ...(sets === undefined ? {} : { sets }) });
  const asked = { makeups: { over, under }, factors: factorsWith(factors) };
  const cells = endOf(cellsOf(made.pour, made.kernel, asked));
  return { ...made, cells };
}
const told = (asked: Asked): CellsTold => tell(cellsIn(asked).cells);
const tell = (cells: Cells) =>
  tellCells(cells, { widthMm: SIDE, heightMm: SIDE, areaMm2: SIDE * SIDE });

test('heavy paint over light opens cells as wide as the wave that grows fastest', () => {
  const { count, medianMm, causes } = told({});
  expect(count).toBeGreaterThan(200);
  expect(causes.map((c) => c.says)).toEqual(['heavy paint over light']);
  // Upper film 0.286 of 1.4 mm: waves of 1.45 H (science-flow.md, 5); what is open is a part of it.
  const wave = 1.45 * 1.4;
  expect(medianMm).toBeGreaterThan(0.4 * wave);
  expect(medianMm).toBeLessThan(wave);
});

test.each([
  ['both alike', PLAIN, PLAIN],
  ['light over heavy', PLAIN, HEAVY],
])('no cells, and the same plate: %s', (_, over, under) => {
  const { pour, kernel, cells } = cellsIn({ over, under });
  expect(cells.cells).toEqual([]);
  const plate = endOf(develop(pour, kernel, 40));
  expect(endOf(opened(plate, cells))).toBe(plate);
});

// science-flow.md, 13: CV 0.27 to 0.33 without oil, 0.14 to 0.17 with.
test('oil makes fewer cells, larger ones, and more alike', () => {
  const [plain, oily] = [
    told({ acts: [...LAID, rest(900)] }),
    told({ acts: [...LAID, rest(900)], under: OILY }),
  ];
  expect(oily.medianMm).toBeGreaterThan(2 * plain.medianMm);
  expect(oily.count).toBeLessThan(plain.count / 4);
  expect(plain.spread).toBeGreaterThan(0.26);
  expect(plain.spread).toBeLessThan(0.34);
  expect(oily.spread).toBeGreaterThan(0.13);
  expect(oily.spread).toBeLessThan(0.18);
});

// science-flow.md, 13: CV 0.4 under thin tops. Handbook 4: a thinner dump gives finer lines.
test('under a thin film small cells open between the large', () => {
  const left = rest(900);
  const over = { ...PLAIN, activator: true };
  const lace = told({ acts: [film('under', 1), film('over', 0.08), left], over });
  const plain = told({ acts: [film('under', 0.6), film('over', 0.48), left], over });
  expect(lace.spread).toBeGreaterThan(0.36);
  expect(lace.spread).toBeLessThan(0.44);
  expect(lace.count).toBeGreaterThan(plain.count);
  expect(lace.medianMm).toBeLessThan(plain.medianMm);
});

test('cells grow as they wait, and what is told beforehand is what comes', () => {
  const [short, long] = [told({ acts: [...LAID, rest(60)] }), told({ acts: [...LAID, rest(900)] })];
  expect(long.share).toBeGreaterThan(1.2 * short.share);
  const quarter = short.left.find(({ min }) => min === 15)!;
  expect(quarter.share / long.share).toBeGreaterThan(0.9);
  expect(quarter.share / long.share).toBeLessThan(1.1);
  // None stood open as it was left.
  expect(short.left.some(({ wider }) => wider !== undefined)).toBe(false);
});

test('of cells that stood open as it was last moved it is told how much wider they become', () => {
  const tilt: Act = { kind: 'tilt', towardDeg: 0, angleDeg: 0.05, s: 1 };
  const { left } = told({ acts: [...LAID, rest(40), tilt, rest(20)], under: OILY });
  const [first, ...later] = left.map(({ wider }) => wider!);
  expect(first).toBeGreaterThan(0.02);
  expect(Math.min(...later)).toBeGreaterThanOrEqual(first!);
});

test('paint that sets stops them', () => {
  const acts = [...LAID, rest(900)];
  expect(told({ acts, sets: 0.02 }).share).toBeLessThan(0.7 * told({ acts }).share);
});

test('too thick a paint opens none', () => {
  expect(told({ factors: { 'paint-holds': 5 } }).count).toBe(0);
});

test('a flame opens cells where it goes, and the pieces beside it stay', () => {
  const heat: Act = { kind: 'heat', atMm: [15, 30], rMm: 10, thinsLn: 0.5, s: 16 };
  const acts = [...LAID, rest(20), heat];
  const { cells } = cellsIn({ acts });
  const open = cells.cells.filter((cell) => openMm(cell, cells.factors) > 0);
  expect(open.length).toBeGreaterThan(10);
  for (const { atMm } of open) expect(Math.hypot(atMm[0] - 15, atMm[1] - 30)).toBeLessThan(20);
  const { cells: cold } = cellsIn({ acts: [...LAID, rest(36)] });
  expect(tell(cold).count).toBeLessThan(open.length / 3);
});

test('cells are drawn out by later moves, and broken where that goes too far', () => {
  const drag = (mm: number): Act => ({ kind: 'tilt', towardDeg: 0, angleDeg: 12, s: mm });
  const after = (moves: readonly Act[], factors?: Partial<Factors>) =>
    cellsIn({ acts: [...LAID, rest(90), ...moves], ...(factors ? { factors } : {}) });
  const still = after([]);
  const moved = after([drag(12)]);
  expect(tell(still.cells).count).toBeGreaterThan(200);
  const lengths = ({ cells: { cells } }: typeof still) =>
    cells.reduce((sum, { toRound }) => sum + drawnOut(toRound), 0) / cells.length;
  expect(lengths(still)).toBeCloseTo(1, 3);
  expect(lengths(moved)).toBeGreaterThan(1.05);
  // What was drawn out by more than that has broken, and in the seconds since nothing has opened anew.
  const strict = after([drag(12)], { 'cell-breaks-at': 1.02 });
  expect(tell(strict.cells).count).toBeLessThan(0.5 * tell(moved.cells).count);
});

/** Areas of what shows the lower paint, mm², by a package that finds outlines. */
function measured(plate: Plate, stratum: number): number[] {
  const { width, height, columns, pxPerMm } = plate;
  const shows = Array.from({ length: width * height }, (_, i) =>
    columns.count[i]! > 0 && runsOf(columns, i).strata[0] === stratum ? 1 : 0,
  );
  const areaOf = (ring: readonly (readonly number[])[]) =>
    Math.abs(
      ring.reduce((sum, [x, y], i) => {
        const [nx, ny] = ring[(i + 1) % ring.length]!;
        return sum + x! * ny! - nx! * y!;
      }, 0) / 2,
    );
  return contours()
    .size([width, height])
    .thresholds([0.5])(shows)[0]!
    .coordinates.map(
      ([outer, ...holes]) =>
        holes.reduce((sum, hole) => sum - areaOf(hole), areaOf(outer!)) / pxPerMm ** 2,
    );
}

/** The share of the film that lies above. */
const SHARE = 0.4 / 1.4;

/** The plate of two flat layers, so many pixels wide. */
function flat(side: number): Plate {
  const columns = emptyColumns(side * side);
  for (let i = 0; i < side * side; i++) {
    begin(columns, i, 1);
    goOn(columns, i, 0, SHARE);
  }
  return {
    width: side,
    height: side,
    pxPerMm: side / SIDE,
    columns,
    filmUm: new Float32Array(side * side).fill(1400),
    cover: new Uint8Array(side * side).fill(255),
    on: new Uint8Array(side * side).fill(255),
  };
}

test('what is told of cells is what is measured in the picture', () => {
  const { cells } = cellsIn({ acts: [...LAID, rest(900)], under: OILY });
  const areas = measured(endOf(opened(flat(420), cells)), 0).filter((mm2) => mm2 > 0.3);
  const { count, medianMm } = tell(cells);
  const widths = areas.map((mm2) => 2 * Math.sqrt(mm2 / Math.PI)).sort((a, b) => a - b);
  // Cells at the very edge are cut, and counted all the same.
  expect(Math.abs(widths.length - count)).toBeLessThanOrEqual(Math.max(2, 0.1 * count));
  expect(Math.abs(widths[widths.length >> 1]! / medianMm - 1)).toBeLessThan(0.1);
});

test('the same cells whatever size the picture has', () => {
  const { cells } = cellsIn({ acts: [...LAID, rest(900)], under: OILY });
  const shareAt = (side: number) => {
    const { columns } = endOf(opened(flat(side), cells));
    let open = 0;
    for (let i = 0; i < side * side; i++) if (runsOf(columns, i).strata[0] === 0) open++;
    return open / side / side;
  };
  const [small, large] = [shareAt(120), shareAt(600)];
  expect(small / large).toBeGreaterThan(0.95);
  expect(small / large).toBeLessThan(1.05);
});

test('what cells turn over is all there', () => {
  const { cells } = cellsIn({ acts: [...LAID, rest(900)], under: OILY });
  const side = 300;
  const aboveIn = ({ columns }: Plate) => {
    let sum = 0;
    for (let i = 0; i < side * side; i++) {
      let top = 0;
      const { strata, ends } = runsOf(columns, i);
      ends.forEach((end, n) => {
        if (strata[n] === 1) sum += (end - top) / 65_535;
        top = end;
      });
    }
    return sum / side / side;
  };
  expect(aboveIn(flat(side))).toBeCloseTo(SHARE, 4);
  const after = aboveIn(endOf(opened(flat(side), cells)));
  // A torn skin, a hundredth of the film where it is open, is not laid down again.
  expect(after / SHARE).toBeGreaterThan(0.93);
  expect(after / SHARE).toBeLessThan(1.02);
});

test('a core in the middle of a cell begins with what lay below', () => {
  const { cells } = cellsIn({ acts: [...LAID, rest(900)], under: OILY });
  const cell = cells.cells.find((c) => openMm(c, cells.factors) > 2)!;
  expect(turnedFrom(cells, cell.atMm, 1400)!(0).depth).toBeGreaterThan(0.4 / 1.4);
  expect(turnedFrom({ ...cells, cells: [] }, cell.atMm, 1400)).toBeUndefined();
});

test('a rim is told in rings a picture can show: along each it is the same all round', () => {
  const { cells } = cellsIn({ acts: [...LAID, rest(900)], under: OILY });
  const cell = cells.cells.reduce((a, b) => (a.radiusMm > b.radiusMm ? a : b));
  /** What came up to places of the rim, by which ring they are in; rings a tenth of the radius wide. */
  const rings = (finestMm?: number) => {
    const { goTo, look, from } = turning(cell, cells.factors, undefined, finestMm);
    const by = new Map<number, Set<string>>();
    for (let n = 0; n < 2000; n++) {
      const [x, y] = [Math.cos(n), Math.sin(n)].map((v) => v * cell.reachMm * ((n % 97) / 97));
      const rho = rhoAt(cell, x!, y!);
      if (rho < 0.65 || !goTo(x!, y!, 1400)) continue;
      look(0.05);
      const ring = Math.floor(10 * rho);
      by.set(ring, (by.get(ring) ?? new Set()).add([...from].join()));
    }
    return [...by.values()].map(({ size }) => size);
  };
  expect(rings(0.1 * cell.radiusMm)).toEqual([1, 1, 1, 1]);
  expect(Math.min(...rings())).toBeGreaterThan(10);
});
