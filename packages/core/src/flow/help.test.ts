import { factorsWith } from '../factor';
import { hexToSpectrum } from '../optics/spectrum';
import { birthsKey } from './births-key';
import { type Cells, cellsOf, openedFor } from './cell';
import { columnsFor, handedOver, type RowsWritten } from './columns-beside';
import type { Help, Helper } from './help';
import { finish, type PourAsk, workbench } from './job';
import { plainEngine } from './engine';
import type { FilmKernel } from './kernel';
import { type GrowingBuffer, sharedMemory, spareMemory } from './motion-memory';
import { BASE, endOf, flipped, scene } from './scene.test-data';
import type { Pour } from './simulate';
import { emptyBirths } from './births';
import { traceAlone } from './trace';

const plain = { oil: 0, oilPaS: 0, matt: 0, flakes: 0, activator: false };
const ASK: PourAsk = {
  scene: scene([BASE, flipped([90, 110], 60, 2), { kind: 'rest', s: 600 }], { nu: 4e-4 }),
  opens: {
    makeups: {
      a: { ...plain, densityKgM3: 1100 },
      b: { ...plain, densityKgM3: 1060 },
      base: { ...plain, densityKgM3: 1000 },
    },
    factors: factorsWith({}),
  },
  palette: {
    ground: hexToSpectrum('#e9e7e1'),
    inks: Object.fromEntries(
      ['a', 'b', 'base'].map((mix, i) => [
        mix,
        { q: new Array<number>(36).fill(0.05 + i), s: 0.05 },
      ]),
    ),
  },
  pixels: [112],
  cells: 40,
};

const growing = (): GrowingBuffer =>
  new (SharedArrayBuffer as unknown as new (bytes: number, more: object) => GrowingBuffer)(0, {
    maxByteLength: 2 ** 26,
  });

/** Help by the same process, on a pour handed over as to another: `answers` says what becomes of what it takes. */
function helper(answers: 'at once' | 'later' | 'in part' | 'never' | 'nothing') {
  const buffer = growing();
  let taken = 0;
  let rows = 0;
  let theirs: { readonly pour: Pour; readonly kernel: FilmKernel } | undefined;
  let found: Cells | undefined;
  let written: RowsWritten | undefined;
  let openedPixels = 0;
  const self: Helper = {
    begin: (): Help => ({
      memory: sharedMemory(buffer),
      poured: (own, opens) => {
        const pour = structuredClone(own);
        theirs = { pour, kernel: plainEngine.make(pour.site.grid, 4096) };
        found = opens && endOf(cellsOf(pour, theirs.kernel, opens));
      },
      soon: () => 'lost',
      columns: (asked) => {
        if (answers === 'nothing') return undefined;
        written = endOf(columnsFor(theirs!.pour, asked));
        const columns = handedOver(written);
        rows += asked.rows.upTo - asked.rows.from;
        return () => (answers === 'never' ? 'lost' : columns);
      },
      opened: (asked) => {
        if (answers === 'nothing' || !written) return undefined;
        const columns = endOf(openedFor(written, asked));
        openedPixels += columns.count.filter((runs) => runs > 0).length;
        return () => (answers === 'in part' ? 'lost' : columns);
      },
      cells: () => (answers === 'never' || answers === 'nothing' ? 'lost' : found),
      trace: (places) => {
        if (answers === 'nothing') return undefined;
        taken += places.count;
        const births = emptyBirths(places.count);
        const index = places.index.map((_, n) => n);
        endOf(traceAlone(theirs!.pour, theirs!.kernel, { ...places, index }, births));
        let asked = 0;
        return () => {
          if (answers === 'never') return 'lost';
          return answers === 'later' && asked++ < 3 ? undefined : births;
        };
      },
    }),
  };
  return {
    self,
    taken: () => taken,
    rows: () => rows,
    openedPixels: () => openedPixels,
    theirs: () => theirs!.pour,
  };
}

let alone: ReturnType<typeof finish>;
beforeAll(() => {
  alone = finish(workbench(plainEngine, 4096), ASK);
});

// In part: columns are written, but no cells opened in them.
test.each(['at once', 'later', 'in part', 'never', 'nothing'] as const)(
  'a picture is the same whether somebody helps or not, where help comes %s',
  (answers) => {
    const beside = helper(answers);
    const bench = workbench(plainEngine, 4096, beside.self);
    const helped = finish(bench, ASK);
    expect(helped.rgba).toEqual(alone.rgba);
    expect(helped.outcome).toEqual(alone.outcome);
    expect(helped.outcome.cells!.count).toBeGreaterThan(5);
    if (answers === 'nothing') expect(beside.taken()).toBe(0);
    else expect(beside.taken()).toBeGreaterThan(2000);
    expect(beside.rows() > 5).toBe(answers !== 'nothing');
    expect(beside.openedPixels() > 100).toBe(!['never', 'nothing'].includes(answers));
  },
);

test('motions are kept once for both', () => {
  const beside = helper('at once');
  const bench = workbench(plainEngine, 4096, beside.self);
  finish(bench, ASK);
  const motionsOf = ({ steps }: Pour) => steps.flatMap(({ motion }) => motion ?? []);
  const [own, theirs] = [motionsOf(bench.poured!.pour), motionsOf(beside.theirs())];
  expect(own.length).toBeGreaterThan(10);
  expect(own.length).toBe(theirs.length);
  own.forEach(({ data, most }, n) => {
    expect(most).toEqual(theirs[n]!.most);
    // What one writes the other reads.
    data[n] = n;
    expect(theirs[n]!.data[n]).toBe(n);
  });
  expect(bench.poured!.key).toContain(birthsKey(ASK.scene));
});

test('a shared memory that can grow no more gives none, whoever let it grow', () => {
  const buffer = growing();
  const [one, other] = [sharedMemory(buffer), sharedMemory(buffer)];
  const whole = 2 ** 24;
  expect(one.take(whole)!.byteOffset).toBe(0);
  expect(other.take(whole)!.byteOffset).toBe(0);
  expect(one.take(whole)!.byteOffset).toBe(2 * whole);
  expect(one.take(1)).toBeUndefined();
  expect(other.take(whole + 1)).toBeUndefined();
});

test('spare memory is used where it fits, each once', () => {
  const [short, long] = [new Int16Array(3), new Int16Array(4)];
  const memory = spareMemory([short, long]);
  expect(memory.take(4)).toBe(long);
  expect(memory.take(4)).toBeUndefined();
  expect(memory.take(3)).toBe(short);
});
